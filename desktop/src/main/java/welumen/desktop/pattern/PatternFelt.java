package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.MouseEvent;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.FeltWords;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Zoom;
import welumen.pattern.Patterns;
import welumen.pattern.Seam.Side;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Piece;
import welumen.pattern.seam.Notches;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Run;

/** Pieces in rows on felt: the cutting line in full chalk, the finished line dashed inside it, the picked edge in wax. */
final class PatternFelt extends FeltPane {
    private static final double GAP = 70;
    /** Height in pixels of a name. */
    private static final double NAME_HIGH = 22;

    /** Room in mm for a name below each row. */
    private static final double ROW_GAP = 150;

    private static final double PADDING = 18;
    /** Half the breadth of a finger, in pixels. */
    private static final double FINGER = 20;

    private record Lying(Piece piece, Outline cut, double x, double y) {}

    private final ObjectProperty<PickedEdge> picked;
    private final PieceHandles handles = new PieceHandles(this);
    private Optional<Piece> preview = Optional.empty();
    private String asked = "";
    private boolean onlyPicked;
    private final Button alone = Nodes.button(
            "This piece", "The picked piece, and what is sewn to its edge, as large as they go", this::turn);
    private List<Piece> pieces = List.of();
    private Patterns patterns = Patterns.EMPTY;

    PatternFelt(ObjectProperty<PickedEdge> picked) {
        super("pattern-felt", "The pieces as drawn; the list beside it has every edge");
        this.picked = picked;
        zoomed();
        alone.setId("felt-alone");
        alone.getStyleClass().add("on-felt-tool");
        alone.setFocusTraversable(false);
    }

    /** What a piece would be like, drawn in wax over it, or beside all others where it is a new one. */
    void preview(Optional<Piece> what) {
        if (what.equals(preview)) return;
        preview = what;
        redraw();
    }

    /** Says at its foot what is to be clicked; empty for nothing. */
    void ask(String what) {
        asked = what;
        redraw();
    }

    private void turn() {
        onlyPicked = !onlyPicked;
        alone.setText(onlyPicked ? "All pieces" : "This piece");
        zoomed().whole();
    }

    /** Those that are drawn: all, or the picked one and what is sewn to its picked edge. */
    private List<Piece> shown() {
        var shown = new ArrayList<>(pieces);
        var at = picked.get();
        if (onlyPicked && at != null) {
            var fellow = patterns.seamAt(at.piece(), at.edge())
                    .map(seam -> seam.one().piece().equals(at.piece()) ? seam.other() : seam.one())
                    .map(Side::piece);
            shown.removeIf(piece -> !piece.id().equals(at.piece()) && !fellow.equals(Optional.of(piece.id())));
        }
        preview.filter(one -> shown.stream().noneMatch(piece -> piece.id().equals(one.id())))
                .ifPresent(shown::add);
        return shown;
    }

    /** What the pen can drag on the picked piece. */
    PieceHandles handles() {
        return handles;
    }

    void show(List<Piece> newPieces, Patterns newPatterns) {
        patterns = newPatterns;
        pieces = newPieces;
        redraw();
    }

    /** Rows as wide as fills the felt best. */
    private List<Lying> bestRows(List<Piece> lying) {
        var first = bestRows(lying, ROW_GAP);
        var scale = fit(first).scale();
        return scale * ROW_GAP >= NAME_HIGH ? first : bestRows(lying, NAME_HIGH / scale);
    }

    /** @param rowGap in mm, so that a name has room below each row */
    private List<Lying> bestRows(List<Piece> lying, double rowGap) {
        var cuts = lying.stream().map(CuttingLine::of).toList();
        var widest = cuts.stream().mapToDouble(cut -> cut.box().width()).max().orElse(1);
        List<Lying> best = List.of();
        var bestScale = 0.0;
        for (var width = widest; width < widest * 8; width *= 1.12) {
            var rows = rows(lying, cuts, width, rowGap);
            var scale = fit(rows).scale();
            if (scale > bestScale) {
                bestScale = scale;
                best = rows;
            }
        }
        return best;
    }

    private List<Lying> rows(List<Piece> pieces, List<Outline> cuts, double width, double rowGap) {
        var rows = new ArrayList<Lying>();
        var x = 0.0;
        var y = 0.0;
        var deepest = 0.0;
        for (var i = 0; i < pieces.size(); i++) {
            var box = cuts.get(i).box();
            if (x > 0 && x + box.width() > width) {
                x = 0;
                y -= deepest + rowGap;
                deepest = 0;
            }
            rows.add(new Lying(pieces.get(i), cuts.get(i), x - box.minX(), y - box.maxY()));
            x += box.width() + GAP;
            deepest = Math.max(deepest, box.height());
        }
        return rows;
    }

    private Chalk fit(List<Lying> rows) {
        var whole = rows.stream().map(PatternFelt::box).reduce(Box::with).orElseThrow();
        return Chalk.fitting(
                whole, PADDING, Zoom.BAND, getWidth() - 2 * PADDING, getHeight() - PADDING - Zoom.BAND - 14);
    }

    @Override
    protected void draw() {
        var shown = shown();
        if (shown.isEmpty()) {
            empty("Nothing is drawn yet: press a shape above, or photograph the old piece.");
            return;
        }
        var lying = bestRows(shown);
        var fit = zoomed().on(fit(lying));
        var words = new FeltWords();
        for (var one : lying) {
            var chalk = new Chalk(fit.scale(), fit.x(one.x()), fit.y(one.y()));
            piece(one, chalk, words);
        }
        words.showIn(getChildren());
        foot(asked);
        if (pieces.size() > 1) {
            alone.relocate(8, 8);
            getChildren().add(alone);
            alone.autosize();
        }
    }

    private boolean isNew(Piece piece) {
        return pieces.stream().noneMatch(one -> one.id().equals(piece.id()));
    }

    private Point felt(MouseEvent mouse, Chalk chalk) {
        var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
        return chalk.at(here.getX(), here.getY());
    }

    /** The edge that a gloved finger means: the one that runs near enough to where it came down. */
    private static OptionalInt near(Piece piece, Point here, double scale) {
        ToDoubleFunction<Integer> off = edge -> new Run(piece.run(edge)).off(here) * scale;
        return IntStream.range(0, piece.edges().size())
                .filter(edge -> off.applyAsDouble(edge) < FINGER)
                .boxed()
                .min(Comparator.comparingDouble(off))
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }

    /** Seen, and never in the way of the edge that it is on. */
    private static Node snip(Notches.Notch notch, Chalk chalk) {
        var snip = chalk.draw(List.of(notch.outer(), notch.inner()), "snip");
        snip.setMouseTransparent(true);
        return snip;
    }

    private static Box box(Lying one) {
        var box = one.cut().box();
        return new Box(box.minX() + one.x(), box.minY() + one.y() - 40, box.maxX() + one.x(), box.maxY() + one.y());
    }

    private void piece(Lying one, Chalk chalk, FeltWords words) {
        if (isNew(one.piece())) {
            getChildren().add(chalk.draw(one.piece().net(), "other-side"));
            named(one, chalk, words);
            return;
        }
        var fill = chalk.draw(one.cut(), "chalk-fill");
        var at = picked.get();
        var own = at != null && at.piece().equals(one.piece().id());
        fill.pseudoClassStateChanged(Styles.PICKED, own);
        fill.setId("fill-" + one.piece().id());
        fill.setOnMouseClicked(click -> {
            var edge = near(one.piece(), felt(click, chalk), chalk.scale());
            picked.set(new PickedEdge(one.piece().id(), edge.orElse(own ? at.edge() : 0)));
        });
        var net = chalk.draw(one.piece().net(), "chalk-dash");
        net.setMouseTransparent(true); // else a click in the middle of a piece would not pick it
        getChildren().addAll(fill, net);
        getChildren().addAll(PieceChalk.inside(one.piece(), chalk));
        for (var i = 0; i < one.piece().edges().size(); i++) {
            var edge = i;
            var line = chalk.draw(one.piece().run(i), own && at.edge() == i ? "picked-edge" : "chalk-edge");
            line.setOnMouseClicked(_ -> {
                requestFocus(); // so that letters choose its finish
                picked.set(new PickedEdge(one.piece().id(), edge));
            });
            line.setId("edge-" + one.piece().id() + "-" + i);
            if (own) handles.pulled(line, one.piece(), edge, chalk);
            getChildren().add(line);
        }
        if (own) getChildren().addAll(handles.holes(one.piece(), chalk));
        preview.filter(next -> next.id().equals(one.piece().id()))
                .ifPresent(next -> getChildren().add(chalk.draw(next.net(), "other-side")));
        for (var notch : Notches.of(one.piece(), patterns.seams(), patterns))
            getChildren().add(snip(notch, chalk));
        if (own) {
            getChildren().addAll(PieceChalk.codes(one.piece(), patterns, chalk));
            getChildren().addAll(handles.of(one.piece(), at.edge(), chalk));
        }
        named(one, chalk, words);
    }

    private static void named(Lying one, Chalk chalk, FeltWords words) {
        words.keepFree(chalk, one.piece().net().box());
        words.add(one.piece().name(), chalk, one.cut().box());
    }
}
