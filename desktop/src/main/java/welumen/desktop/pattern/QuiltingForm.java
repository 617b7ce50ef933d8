package welumen.desktop.pattern;

import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.PieceChoice;
import welumen.measure.Because;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Crown;
import welumen.pattern.surface.Flutes;
import welumen.pattern.surface.Quilting;

/** What is to be sewn into a piece, in fields: flutes, pleats, diamonds or rows of holes, and how large. */
final class QuiltingForm extends FlowPane {
    /** Flutes run from front to back; diamonds are so pointed. */
    private static final String USUAL_WAY = "90";

    private static final String USUAL_POINT = "60";

    /** What is sewn. */
    enum Kind {
        PLAIN("nothing"),
        FLUTES("flutes"),
        PLEATS("folded pleats"),
        DIAMONDS("diamonds"),
        HOLES("rows of holes");

        private final String word;

        Kind(String word) {
            this.word = word;
        }
    }

    private final ComboBox<Kind> kind = new ComboBox<>();
    private final MmField size;
    private final TextField degrees = new TextField(USUAL_WAY);
    private final MmField padding;
    private final MmField hole;
    private final TextField swatch = new TextField();

    /** @param piece the choice of the piece, which stands first
     * @param sew called on Enter in any field */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    QuiltingForm(PieceChoice piece, Runnable sew) {
        super(10, 10);
        size = new MmField("relief-size", "40 mm", sew);
        padding = new MmField("relief-padding", "10 mm", sew);
        hole = new MmField("relief-hole", "2 mm", sew);
        kind.getItems().setAll(Kind.values());
        kind.setValue(Kind.FLUTES);
        kind.setId("relief-kind");
        WordCell.in(kind, one -> one.word);
        kind.valueProperty().subscribe(chosen -> degrees.setText(chosen == Kind.DIAMONDS ? USUAL_POINT : USUAL_WAY));
        degrees.setId("relief-degrees");
        degrees.setPrefColumnCount(4);
        degrees.setOnAction(_ -> sew.run());
        swatch.setId("relief-swatch");
        swatch.setPrefColumnCount(6);
        swatch.setPromptText("220 to 200");
        swatch.setOnAction(_ -> sew.run());
        getChildren()
                .addAll(
                        Nodes.field("On", piece),
                        Nodes.field("Sewn in", kind),
                        Nodes.field("Wide or pitch", size),
                        Nodes.field("Degrees", degrees),
                        Nodes.field("Padding", padding),
                        Nodes.field("Hole or fold", hole),
                        Nodes.field("Test swatch", swatch));
    }

    /** What is asked for begins with what a piece has. */
    void show(Surface surface) {
        switch (surface) {
            case Surface.Plain() -> {}
            case Surface.Perforated holes -> {
                kind.setValue(Kind.HOLES);
                size.setText(Lengths.field(holes.pitchMm()));
                hole.setText(Lengths.field(holes.holeMm()));
                degrees.setText("%.0f".formatted(holes.degrees()));
            }
            case Surface.Pleated pleated -> {
                kind.setValue(Kind.PLEATS);
                size.setText(Lengths.field(pleated.wantedMm()));
                hole.setText(Lengths.field(pleated.foldMm()));
                degrees.setText("%.0f".formatted(pleated.degrees()));
            }
            case Surface.Fluted fluted -> {
                kind.setValue(Kind.FLUTES);
                size.setText(Lengths.field(fluted.wantedMm()));
                degrees.setText("%.0f".formatted(fluted.degrees()));
            }
            case Surface.Quilted quilted -> {
                kind.setValue(Kind.DIAMONDS);
                size.setText(Lengths.field(Math.rint(quilted.sideMm())));
                degrees.setText("%.0f".formatted(quilted.pointed()));
            }
        }
    }

    /** What is asked for on a piece; refused where something cannot be read. */
    Parsed<Surface> wanted(Piece on) {
        if (kind.getValue() == Kind.PLAIN) return new Understood<>(new Surface.Plain());
        if ((kind.getValue() == Kind.HOLES || kind.getValue() == Kind.PLEATS)
                && hole.mm().isEmpty()) {
            return new Refused<>(hole.wrong());
        }
        if (size.mm().isEmpty() || padding.mm().isEmpty()) {
            return new Refused<>(size.mm().isEmpty() ? size.wrong() : padding.wrong());
        }
        var turn = degrees.getText().strip();
        if (!turn.matches("-?\\d{1,3}(\\.\\d+)?")) {
            return new Refused<>("“%s” is no angle. Type it as 90: which way flutes run, or how pointed diamonds are."
                    .formatted(turn));
        }
        try {
            var angle = Double.parseDouble(turn);
            if (kind.getValue() == Kind.HOLES)
                return new Understood<>(
                        new Surface.Perforated(size.mm().get(), hole.mm().orElseThrow(), angle));
            if (kind.getValue() == Kind.PLEATS)
                return new Understood<>(
                        new Surface.Pleated(size.mm().get(), angle, hole.mm().orElseThrow()));
            if (kind.getValue() == Kind.FLUTES)
                return new Understood<>(new Surface.Fluted(
                        size.mm().get(), angle, takeUp(size.mm().get())));
            var quilted = Quilting.on(
                    on, size.mm().get(), Math.toRadians(angle), padding.mm().get());
            if (swatch.getText().isBlank()) return new Understood<>(quilted);
            var factor = takeUp(quilted.wideMm());
            return new Understood<>(new Surface.Quilted(
                    quilted.through(), quilted.degrees(), quilted.wideMm(), quilted.highMm(), factor, factor));
        } catch (IllegalArgumentException wrong) {
            return new Refused<>(Because.of(wrong));
        }
    }

    /** As a sewn swatch says, else by the padding. */
    private double takeUp(double wide) {
        return swatch.getText().isBlank()
                ? Crown.takeUp(wide, padding.mm().orElse(0.0))
                : Flutes.swatch(swatch.getText()).orThrow();
    }
}
