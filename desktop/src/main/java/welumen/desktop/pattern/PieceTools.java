package welumen.desktop.pattern;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.stage.FileChooser;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.files.full.Paper;
import welumen.files.json.BadFile;
import welumen.files.pattern.PatternDxf;
import welumen.files.pattern.PatternSvg;
import welumen.job.JobChange;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.EdgeCurve;
import welumen.pattern.EdgeEdit;
import welumen.pattern.Mirrored;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.Piece;
import welumen.pattern.Underlay;
import welumen.strip.OtherSide;

/** The tools beside the pieces: corrections, what follows from a piece, paper and files. */
final class PieceTools {
    private final JobModel model;
    private final ObjectProperty<PickedEdge> picked;
    private final Consumer<String> wrong;
    private final Consumer<String> facts;
    private final Button open = Nodes.button("Open a drawing", "Pieces from a DXF or SVG file", this::choose);

    /**
     * @param wrong told what cannot be done, and nothing once it can
     * @param facts told where something was printed or saved
     */
    PieceTools(JobModel model, ObjectProperty<PickedEdge> picked, Consumer<String> wrong, Consumer<String> facts) {
        this.model = model;
        this.picked = picked;
        this.wrong = wrong;
        this.facts = facts;
    }

    private Optional<Piece> piece() {
        return Optional.ofNullable(picked.get())
                .flatMap(at -> model.job().patterns().findOne(at.piece()));
    }

    /** What can be done to the picked edge, and to its piece. */
    Node edits() {
        var tools = new FlowPane(8, 8);
        tools.getChildren()
                .addAll(
                        tool(
                                "straight",
                                "Straight",
                                "The picked edge straight from corner to corner",
                                EdgeCurve::straightened),
                        tool("arc", "Arc", "The picked edge as an arc through its middle", EdgeCurve::arced),
                        tool(
                                "split",
                                "Split",
                                "The picked edge in two at its middle",
                                (piece, edge) -> EdgeEdit.split(piece, edge, 0.5)),
                        tool("join", "Join", "The picked edge and the next one in one", EdgeEdit::joined),
                        tool("take-out", "Take out", "A nick goes, and its neighbours are drawn on", EdgeEdit::without),
                        tool(
                                "mirror",
                                "Mirror",
                                "The same piece for the other side of the car",
                                (piece, _) -> mirrored(piece)),
                        tool(
                                "underlay",
                                "Underlay",
                                "What lies beneath, short of bound and turned edges",
                                (piece, _) -> underlay(piece)));
        return tools;
    }

    /** What goes onto paper and into files, and comes out of them. */
    Node papers() {
        return Nodes.row(8, toolPrint(), toolSave(), toolOpen());
    }

    private Node toolSave() {
        var button = Nodes.button("Save drawings", "These pieces as DXF and SVG, and a table of them", () -> {
            if (!PatternView.pieces(model).isEmpty())
                model.papers()
                        .drawings(PatternView.pieces(model), model.job().patterns())
                        .ifPresent(file -> facts.accept("Saved to %s, and as SVG and CSV".formatted(file)));
        });
        button.setId("tool-save");
        return button;
    }

    private Node toolOpen() {
        open.setId("tool-open");
        return open;
    }

    private void choose() {
        var chooser = new FileChooser();
        chooser.setTitle("A drawing of pieces");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Drawings", "*.dxf", "*.svg"));
        var file = chooser.showOpenDialog(open.getScene().getWindow());
        if (file != null) open(file.toPath());
    }

    /** All of a drawing's pieces, or none and why. */
    void open(Path file) {
        var part = model.picked();
        if (part.isEmpty()) return;
        try {
            var text = Files.readString(file);
            var isSvg = file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".svg");
            var read = isSvg
                    ? PatternSvg.read(text, part.get().id())
                    : PatternDxf.read(text, part.get().id());
            var changes = read.stream()
                    .<JobChange>map(piece -> new AtPattern(new PieceDrawn(piece)))
                    .toList();
            wrong.accept("");
            model.makeTogether(changes);
        } catch (BadFile fault) {
            wrong.accept("The drawing [%s] cannot be read: %s".formatted(file.getFileName(), fault.getMessage()));
        } catch (IOException fault) {
            wrong.accept("The drawing [%s] cannot be read.".formatted(file.getFileName()));
        }
    }

    private Node tool(String id, String word, String meaning, BiFunction<Piece, Integer, Parsed<Piece>> edit) {
        var button = Nodes.button(word, meaning, () -> edit(edit));
        button.setId("tool-" + id);
        return button;
    }

    private void edit(BiFunction<Piece, Integer, Parsed<Piece>> edit) {
        var piece = piece();
        if (piece.isEmpty()) return;
        var edge = picked.get().edge();
        switch (edit.apply(piece.get(), edge)) {
            case Refused<Piece>(var why) -> wrong.accept(why);
            case Understood<Piece>(var drawn) -> {
                wrong.accept("");
                if (model.make(new AtPattern(new PieceDrawn(drawn))))
                    picked.set(new PickedEdge(
                            drawn.id(), Math.min(edge, drawn.edges().size() - 1)));
            }
        }
    }

    /** For the part on the other side, where the car has one. */
    private Parsed<Piece> mirrored(Piece piece) {
        var part = model.job().cabin().one(piece.part());
        var other = OtherSide.of(model.job().cabin(), part);
        if (other.isEmpty())
            return new Refused<>("The %s has no fellow on the other side of the car.".formatted(part.name()));
        var name = piece.name().equals(part.name()) ? other.get().name() : piece.name() + ", other side";
        return new Understood<>(Mirrored.of(piece, other.get().id(), name));
    }

    private static Parsed<Piece> underlay(Piece piece) {
        return Underlay.of(piece, Underlay.SET_BACK_MM, "underlay")
                .<Parsed<Piece>>map(Understood::new)
                .orElseGet(() -> new Refused<>("Nothing is left of the piece beneath its turned edges."));
    }

    private Node toolPrint() {
        var button = Nodes.button("Print full size", "Tiled over A4, with crosses and a 100 mm square", () -> {
            piece().flatMap(piece -> model.papers().fullSize(piece, model.job().patterns(), Paper.Sheet.A4))
                    .ifPresent(file -> facts.accept("Printed to %s".formatted(file)));
        });
        button.setId("tool-print");
        return button;
    }
}
