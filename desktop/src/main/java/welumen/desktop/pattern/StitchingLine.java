package welumen.desktop.pattern;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Seam;
import welumen.pattern.Stitching;
import welumen.stores.SewnRows;

/** How one seam is sewn: stitch, thread, needle, rows, by hand, and the piece on which it was tried. */
final class StitchingLine extends HBox {
    private final JobModel model;
    private final Consumer<String> say;
    private final TextField typed = new TextField();
    private final Label needs = Nodes.label("", Styles.NOTE);
    private Optional<Seam> seam = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    StitchingLine(JobModel model, Consumer<String> say) {
        super(12);
        this.model = model;
        this.say = say;
        typed.setId("stitching");
        typed.setPrefColumnCount(34);
        typed.setPromptText("5 mm stitch, thread 40 tan, needle 110, 2 rows 6 mm apart, by hand");
        typed.setOnAction(_ -> sew());
        needs.setId("stitching-needs");
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Nodes.field("It is sewn with", typed), Nodes.grown(needs));
    }

    void show(Optional<Seam> shown) {
        seam = shown;
        setVisible(shown.isPresent());
        setManaged(shown.isPresent());
        shown.ifPresent(one -> {
            typed.setText(one.stitching().words());
            needs.setText(needs(one));
        });
    }

    private String needs(Seam one) {
        var stitching = one.stitching();
        var wanted = stitching.wanted();
        return "%.1f m of thread%s%s"
                .formatted(
                        SewnRows.threadMm(model.job().patterns(), one) / 1000,
                        stitching.isByHand() ? ", sewn where no machine reaches" : "",
                        wanted.isEmpty() ? "" : "; still wanted: " + String.join(", ", wanted));
    }

    private void sew() {
        seam.ifPresent(one -> {
            switch (Stitching.USUAL.read(typed.getText())) {
                case Refused<Stitching>(var why) -> say.accept(why);
                case Understood<Stitching>(var so) -> model.make(new AtPattern(new SeamJoined(one.stitched(so))));
            }
        });
    }
}
