package welumen.desktop.finish;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import welumen.colour.Lab;
import welumen.colour.Swatch;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.finish.FinishChange.ReadingStruck;
import welumen.finish.reading.Reading;
import welumen.finish.sheen.Sheen;
import welumen.job.JobChange.AtFinish;

/** A colour as it was read: a patch of it as near as a screen shows it, its numbers, how it was read. */
final class ReadingCard {
    private static final double WIDE = 64;
    private static final double HIGH = 56;

    private ReadingCard() {}

    static Node of(JobModel model, Reading reading) {
        var words = Nodes.column(
                2,
                Nodes.label(Words.capital(reading.what()), Styles.STRONG),
                Nodes.whole(numbers(reading.lab()), Styles.MEASURE),
                Nodes.label(
                        "%s, %s%s"
                                .formatted(
                                        Words.capital(reading.of().word()),
                                        reading.how().word(),
                                        sheen(reading)),
                        Styles.SECOND));
        var swatch = Swatch.of(reading.lab());
        if (!swatch.isShown())
            words.getChildren().add(Nodes.label("No screen shows it: go by the numbers.", Styles.NOTE));
        var gone = Nodes.button(
                "✕", "Strike this reading out", () -> model.make(new AtFinish(new ReadingStruck(reading.id()))));
        gone.setAccessibleText("Strike out the reading of " + reading.what());
        var card = Nodes.row(12, patch(reading.lab()), Nodes.grown(words), gone);
        card.getStyleClass().add(Styles.CARD);
        card.setId("reading-" + reading.id());
        return card;
    }

    /** As near as a screen shows it; told by its numbers beside, never by itself. */
    static Region patch(Lab lab) {
        var swatch = Swatch.of(lab);
        var patch = new Region();
        patch.getStyleClass().add(Styles.SWATCH);
        patch.setMinSize(WIDE, HIGH);
        patch.setMaxSize(WIDE, HIGH);
        patch.setStyle("-fx-background-color: rgb(%d, %d, %d);".formatted(swatch.red(), swatch.green(), swatch.blue()));
        return patch;
    }

    static String numbers(Lab lab) {
        return String.format(Locale.UK, "L* %.1f   a* %.1f   b* %.1f", lab.l(), lab.a(), lab.b());
    }

    private static String sheen(Reading reading) {
        return reading.gloss() < 0
                ? ""
                : String.format(
                        Locale.UK,
                        ", %.0f gloss units, %s",
                        reading.gloss(),
                        Sheen.of(reading.gloss()).word());
    }
}
