package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Seam;
import welumen.pattern.Stitching;
import welumen.stores.SewnRows;

/** How one seam is sewn: stitch, thread, needle, rows, by hand, and the piece on which it was tried. */
final class StitchingLine extends HBox {
    private final JobModel model;
    private final WordLine<Stitching> typed;
    private final Label needs = Nodes.label("", Styles.NOTE);
    private Optional<Seam> seam = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    StitchingLine(JobModel model, Consumer<String> say) {
        super(12);
        this.model = model;
        typed = new WordLine<Stitching>(
                        "stitching",
                        "It is sewn with",
                        Stitching.USUAL::read,
                        stitching -> List.of(stitching.words().split(", ")))
                .example("5 mm stitch, thread 40 tan, needle 110, 2 rows 6 mm apart, by hand")
                .knows("Stitch", "5 mm stitch", "How long a stitch is")
                .knows("Thread", "thread 40 tan", "Its ticket and its colour")
                .knows("Needle", "needle 110", "Its size")
                .knows("Rows", "2 rows 6 mm apart", "How many rows, and how far apart")
                .knows("By hand", "by hand", "Where no machine reaches")
                .onEnter(this::sew, say);
        typed.setMinWidth(380);
        needs.setId("stitching-needs");
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Nodes.field("It is sewn with", typed), Nodes.grown(needs));
    }

    void show(Optional<Seam> shown) {
        seam = shown;
        setVisible(shown.isPresent());
        setManaged(shown.isPresent());
        shown.ifPresent(one -> {
            typed.field().setText(one.stitching().words());
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

    /** It stands in the line afterwards, as what is said of the seam. */
    private boolean sew(Stitching so) {
        seam.ifPresent(one -> model.make(new AtPattern(new SeamJoined(one.stitched(so)))));
        return false;
    }
}
