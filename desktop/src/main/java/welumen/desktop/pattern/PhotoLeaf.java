package welumen.desktop.pattern;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.desktop.look.FileChoice;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.Reads;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Because;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.outside.FromTrace;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;

/** An old piece on the floor, photographed between targets, becomes a piece of the pattern. */
final class PhotoLeaf extends Leaf {
    private final TraceFelt felt = new TraceFelt();
    private final MmField target = new MmField("target-size", "80 mm", () -> {});
    private final MmField thickness = new MmField("piece-thickness", "0 mm", () -> {});
    private final TextField name = new TextField();
    private final VBox warnings = new VBox(4);
    private final Button photograph;
    private final Button make;
    private Optional<Traced> traced = Optional.empty();
    private Optional<PartId> of = Optional.empty();
    /** What is newer overtakes what is still being traced. */
    private @Nullable Running tracing;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PhotoLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        name.setId("traced-name");
        name.setOnAction(_ -> makePiece());
        answer.setId("trace-answer");
        warnings.setId("trace-warnings");
        photograph =
                Nodes.chief("Photograph it", "Take a photo of the piece on the floor, and trace it", this::photograph);
        photograph.setId("photograph-piece");
        var open = Nodes.button("Open a photo", "Trace a photo that was taken before", this::choose);
        open.setId("open-photo");
        var print = Nodes.button("Print targets", "Eight targets as PDF, to be cut out", this::printTargets);
        print.setId("print-targets");
        make = Nodes.chief("Make it a piece", "Keep it as a piece of the picked part (Enter)", this::makePiece);
        make.setId("make-piece");
        var right = Nodes.column(
                10,
                Nodes.row(10, Nodes.field("Targets of", target), Nodes.field("Piece thick", thickness)),
                photograph,
                Nodes.row(10, open, print),
                Nodes.field("It is called", name),
                make,
                warnings);
        var both = Nodes.beside(felt, right, 300);
        getChildren().addAll(both);
    }

    @Override
    protected Node first() {
        return photograph;
    }

    @Override
    protected void refresh() {
        var part = model.picked();
        photograph.setDisable(part.isEmpty());
        if (!part.map(one -> one.id()).equals(of)) {
            of = part.map(one -> one.id());
            if (tracing != null) tracing.stop();
            name.setText(part.map(one -> one.name()).orElse(""));
            show(
                    Optional.empty(),
                    part.isEmpty() ? "Pick a part in the cabin first." : "Nothing has been photographed yet.");
        }
        make.setDisable(traced.isEmpty());
    }

    private void show(Optional<Traced> found, String words) {
        traced = found;
        felt.show(found);
        answer.setText(words);
        warnings.getChildren()
                .setAll(found.stream()
                        .flatMap(one -> one.warnings().stream())
                        .map(warning -> Nodes.label(warning, Styles.DANGER))
                        .toList());
        make.setDisable(found.isEmpty());
    }

    private void photograph() {
        var part = model.picked();
        var options = options();
        if (part.isEmpty() || options.isEmpty()) return;
        begin("The camera looks, and the outline is sought …");
        tracing =
                model.traces().photograph(part.get(), options.get(), this::came).whenStopped(this::stopped);
    }

    private void choose() {
        var options = options();
        if (options.isEmpty()) return;
        FileChoice.photo(getScene().getWindow(), "A photo of the piece between targets")
                .ifPresent(file -> {
                    begin("The outline is sought …");
                    tracing =
                            model.traces().open(file, options.get(), this::came).whenStopped(this::stopped);
                });
    }

    /** What is newer overtakes what runs. */
    private void begin(String words) {
        if (tracing != null) tracing.stop();
        show(Optional.empty(), words);
        getStyleClass().add(Styles.WORKING);
    }

    private void stopped() {
        getStyleClass().remove(Styles.WORKING);
        answer.setText("The trace was stopped.");
    }

    private void came(Parsed<Traced> came) {
        getStyleClass().remove(Styles.WORKING);
        switch (came) {
            case Refused<Traced>(var why) -> show(Optional.empty(), why);
            case Understood<Traced>(var found) -> show(Optional.of(found), said(found));
        }
    }

    private static String said(Traced found) {
        return "%s, %s and %s: %d targets agree to %.2f mm, a pixel is %.2f mm."
                .formatted(
                        Words.squareMetres(found.shape().area()),
                        Words.many(found.segments().size(), "stretch").replace("stretchs", "stretches"),
                        Words.many(found.shape().holes().size(), "hole"),
                        found.targets(),
                        found.residualMm(),
                        found.millimetresPerPixel());
    }

    private Optional<TraceOptions> options() {
        if (target.mm().isEmpty()) return wrong(target, "How wide is a target’s black square? Type it as 80 mm.");
        if (thickness.mm().isEmpty()) return wrong(thickness, "How thick is the piece? Type it as 8 mm, or 0 mm.");
        try {
            return Optional.of(
                    new TraceOptions(target.mm().get(), thickness.mm().get()));
        } catch (IllegalArgumentException outOfRange) {
            return wrong(target, Because.of(outOfRange));
        }
    }

    private Optional<TraceOptions> wrong(TextField field, String why) {
        answer.setText(why);
        field.requestFocus();
        return Optional.empty();
    }

    private void printTargets() {
        var options = options();
        if (options.isEmpty()) return;
        try {
            model.papers()
                    .targets(options.get().targetMm())
                    .ifPresent(file -> answer.setText(
                            "Printed to %s. Measure a black square on the print, and type that.".formatted(file)));
        } catch (IllegalArgumentException size) {
            answer.setText(size.getMessage());
        }
    }

    private void makePiece() {
        var part = model.picked();
        if (part.isEmpty() || traced.isEmpty()) return;
        var called =
                name.getText().isBlank() ? part.get().name() : name.getText().strip();
        var makeup = MakeupChoice.usual(model, part.get());
        var piece = model.job()
                .patterns()
                .asSecond(FromTrace.piece(traced.get(), called, part.get().id(), makeup));
        if (model.make(new AtPattern(new PieceDrawn(piece))))
            answer.setText("“%s” lies on the first leaf: say there what becomes of its %s."
                    .formatted(piece.name(), Words.many(piece.edges().size(), "edge")));
    }
}
