package welumen.desktop.pattern;

import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.desktop.look.FileChoice;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Beside;
import welumen.files.full.Paper;
import welumen.files.json.BadFile;
import welumen.files.pattern.DrawingFormat;
import welumen.job.JobChange;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.Underlay;
import welumen.pattern.draft.Merged;
import welumen.pattern.outside.FromOutside;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Piece;
import welumen.strip.reach.OtherSide;

/** The tools beside the pieces: corrections, what follows from a piece, paper and files. */
final class PieceTools {
    private final JobModel model;
    private final ObjectProperty<PickedEdge> picked;
    private final Consumer<String> wrong;
    private final Consumer<String> facts;
    private final ComboBox<Paper> paper = new ComboBox<>();
    private final Beside reading;
    private final Button open = Nodes.button("Open a drawing", "Pieces from a DXF or SVG file", this::choose);

    /**
     * @param wrong told what cannot be done, and nothing once it can
     * @param facts told where something was printed or saved
     */
    PieceTools(JobModel model, ObjectProperty<PickedEdge> picked, Consumer<String> wrong, Consumer<String> facts) {
        this.model = model;
        this.reading = new Beside(model, "reading a drawing");
        this.picked = picked;
        this.wrong = wrong;
        this.facts = facts;
        paper.getItems().setAll(Paper.USUAL);
        paper.setValue(Paper.Sheet.A4);
        paper.setId("paper");
        paper.setAccessibleText("Paper for full size");
        WordCell.in(paper, Paper::word);
    }

    private Optional<Piece> piece() {
        return Optional.ofNullable(picked.get())
                .flatMap(at -> model.job().patterns().findOne(at.piece()));
    }

    /** What can be done to the picked edge, and to its piece. @param first what stands before the corrections */
    Node edits(Node first) {
        var tools = new FlowPane(8, 8);
        tools.getChildren()
                .addAll(
                        first,
                        tool(
                                "straight",
                                "Straight",
                                "The picked edge straight from corner to corner",
                                EdgeCurve::straightened),
                        tool("arc", "Arc", "The picked edge as an arc through its middle", EdgeCurve::arced),
                        tool("curve", "Smooth", "The picked edge as a smooth curve", EdgeCurve::smoothed),
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
                        one(),
                        tool(
                                "underlay",
                                "Underlay",
                                "What lies beneath, short of bound and turned edges",
                                (piece, _) -> underlay(piece)));
        return tools;
    }

    /** The two pieces of the seam at the picked edge as one. */
    private Node one() {
        var button = Nodes.button("Make one", "One piece of this and of what is sewn to the picked edge", () -> {
            var at = picked.get();
            if (at == null) return;
            var seam = model.job().patterns().seamAt(at.piece(), at.edge());
            if (seam.isEmpty()) {
                wrong.accept("Nothing is sewn to this edge yet: join the two on the leaf Seams.");
                return;
            }
            switch (Merged.at(model.job().patterns(), seam.get())) {
                case Refused<List<PatternChange>>(var why) -> wrong.accept(why);
                case Understood<List<PatternChange>>(var changes) -> {
                    wrong.accept("");
                    model.makeTogether(changes.stream().map(AtPattern::new).toList());
                }
            }
        });
        button.setId("tool-make-one");
        button.getStyleClass().add("tool");
        return button;
    }

    /** What goes onto paper and into files, and comes out of them. */
    Node papers() {
        return new FlowPane(8, 8, toolOpen(), toolSave(), paper, toolPrint());
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
        FileChoice.one(open.getScene().getWindow(), "A drawing of pieces", "Drawings", DrawingFormat.patterns())
                .ifPresent(this::open);
    }

    /** All of a drawing's pieces, or none and why; a large one is read beside. */
    void open(Path file) {
        var part = model.picked();
        if (part.isEmpty()) return;
        var cabin = model.job().cabin();
        wrong.accept("");
        facts.accept("Reading %s …".formatted(file.getFileName()));
        reading.ask(() -> read(file, part.get().id(), cabin), read -> {
            switch (read) {
                case Refused<List<Piece>>(var why) -> {
                    facts.accept("");
                    wrong.accept(why);
                }
                case Understood<List<Piece>>(var pieces) -> take(pieces);
            }
        });
    }

    private static Parsed<List<Piece>> read(Path file, PartId part, Cabin cabin) {
        try {
            var sound = FromOutside.sound(
                    DrawingFormat.read(file, part), id -> cabin.findOne(id).isPresent(), part);
            return sound instanceof Refused<List<Piece>>(var why)
                    ? new Refused<>("The drawing [%s] is not taken in: %s".formatted(file.getFileName(), why))
                    : sound;
        } catch (BadFile fault) {
            return new Refused<>(
                    "The drawing [%s] cannot be read: %s".formatted(file.getFileName(), fault.getMessage()));
        }
    }

    /** How large they are is said, since a drawing in another unit looks the same. */
    private void take(List<Piece> pieces) {
        var anew = pieces.stream()
                .filter(piece -> model.job().patterns().findOne(piece.id()).isPresent())
                .map(Piece::name)
                .toList();
        if (!model.makeTogether(pieces.stream()
                .<JobChange>map(piece -> new AtPattern(new PieceDrawn(piece)))
                .toList())) {
            facts.accept("");
            return;
        }
        var largest = pieces.stream()
                .map(piece -> piece.net().box())
                .max(Comparator.comparingDouble(box -> box.width() * box.height()))
                .orElseThrow();
        facts.accept("%s read, the largest %s by %s.%s"
                .formatted(
                        Words.many(pieces.size(), "piece"),
                        Lengths.near(largest.width()),
                        Lengths.near(largest.height()),
                        anew.isEmpty()
                                ? ""
                                : " Drawn anew, as the drawing has them: %s. Ctrl+Z brings back what was."
                                        .formatted(String.join(", ", anew))));
    }

    private Node tool(String id, String word, String meaning, BiFunction<Piece, Integer, Parsed<Piece>> edit) {
        var button = Nodes.button(word, meaning, () -> edit(edit));
        button.setId("tool-" + id);
        button.getStyleClass().add("tool");
        return button;
    }

    private void edit(BiFunction<Piece, Integer, Parsed<Piece>> edit) {
        var piece = piece();
        if (piece.isEmpty()) return;
        var edge = picked.get().edge();
        switch (edit.apply(piece.get(), edge)) {
            case Refused<Piece>(var why) -> wrong.accept(why);
            case Understood<Piece>(var made) -> {
                wrong.accept("");
                var isAnother = !made.id().equals(piece.get().id());
                var drawn = isAnother ? model.job().patterns().asSecond(made) : made;
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
        var there = Mirrored.otherSide(piece.name());
        var name = there.equals(piece.name()) ? piece.name() + ", other side" : there;
        return new Understood<>(Mirrored.of(piece, other.get().id(), name));
    }

    private static Parsed<Piece> underlay(Piece piece) {
        return Underlay.of(piece, Underlay.SET_BACK_MM, "underlay")
                .<Parsed<Piece>>map(Understood::new)
                .orElseGet(() -> new Refused<>("Nothing is left of the piece beneath its turned edges."));
    }

    private Node toolPrint() {
        var button = Nodes.button(
                "Print full size", "Tiled over sheets, with crosses and a 100 mm square; on a roll in one", () -> {
                    piece().flatMap(piece ->
                                    model.papers().fullSize(piece, model.job().patterns(), paper.getValue()))
                            .ifPresent(file -> facts.accept("Printed to %s".formatted(file)));
                });
        button.setId("tool-print");
        return button;
    }
}
