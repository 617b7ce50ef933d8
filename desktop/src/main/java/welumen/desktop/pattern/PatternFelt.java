package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Styles;
import welumen.pattern.Patterns;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.Piece;
import welumen.pattern.seam.Notches;
import welumen.shape.Bezier;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/** Pieces in rows on felt: the cutting line in full chalk, the finished line dashed inside it, the picked edge in wax. */
final class PatternFelt extends FeltPane {
    private static final double GAP = 70;
    /** Room for a name below each row. */
    private static final double ROW_GAP = 125;

    private static final double PADDING = 18;
    private static final double HANDLE = 5;

    private record Lying(Piece piece, Outline cut, double x, double y) {}

    private final ObjectProperty<PickedEdge> picked;
    private BiConsumer<PickedEdge, Point> onCorner = (_, _) -> {};
    private BiConsumer<PickedEdge, Bezier> onCurve = (_, _) -> {};
    private List<Piece> pieces = List.of();
    private List<Outline> cuts = List.of();
    private Patterns patterns = Patterns.EMPTY;

    PatternFelt(ObjectProperty<PickedEdge> picked) {
        super("pattern-felt", "The pieces as drawn; the list beside it has every edge");
        this.picked = picked;
    }

    /** @param newOnCorner told which corner was dragged, by the edge that begins in it, and where to */
    void onCorner(BiConsumer<PickedEdge, Point> newOnCorner) {
        onCorner = newOnCorner;
    }

    /** @param newOnCurve told which edge runs on another curve */
    void onCurve(BiConsumer<PickedEdge, Bezier> newOnCurve) {
        onCurve = newOnCurve;
    }

    void show(List<Piece> newPieces, Patterns newPatterns) {
        patterns = newPatterns;
        pieces = newPieces;
        cuts = newPieces.stream().map(CuttingLine::of).toList();
        redraw();
    }

    /** Rows as wide as fills the felt best. */
    private List<Lying> bestRows() {
        var widest = cuts.stream().mapToDouble(cut -> cut.box().width()).max().orElse(1);
        List<Lying> best = List.of();
        var bestScale = 0.0;
        for (var width = widest; width < widest * 8; width *= 1.12) {
            var rows = rows(width);
            var scale = fit(rows).scale();
            if (scale > bestScale) {
                bestScale = scale;
                best = rows;
            }
        }
        return best;
    }

    private List<Lying> rows(double width) {
        var rows = new ArrayList<Lying>();
        var x = 0.0;
        var y = 0.0;
        var deepest = 0.0;
        for (var i = 0; i < pieces.size(); i++) {
            var box = cuts.get(i).box();
            if (x > 0 && x + box.width() > width) {
                x = 0;
                y -= deepest + ROW_GAP;
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
        return Chalk.fitting(whole, PADDING, PADDING, getWidth() - 2 * PADDING, getHeight() - 2 * PADDING - 14);
    }

    @Override
    protected void draw() {
        if (pieces.isEmpty()) return;
        var lying = bestRows();
        var fit = fit(lying);
        for (var one : lying) {
            var chalk = new Chalk(fit.scale(), fit.x(one.x()), fit.y(one.y()));
            piece(one, chalk);
        }
    }

    /** The two handles of a curved edge, which the pen can drag. */
    private void handles(Piece piece, int edge, Chalk chalk) {
        var curve = EdgeCurve.curve(piece, edge);
        handle(
                piece,
                edge,
                "first",
                chalk,
                curve.a(),
                curve.b(),
                to -> new Bezier(curve.a(), to, curve.c(), curve.d()));
        handle(piece, edge, "last", chalk, curve.d(), curve.c(), to -> new Bezier(curve.a(), curve.b(), to, curve.d()));
    }

    private void handle(
            Piece piece, int edge, String which, Chalk chalk, Point end, Point at, Function<Point, Bezier> dragged) {
        var stem = chalk.draw(List.of(end, at), "grain-line");
        stem.setMouseTransparent(true);
        var knob = knob(chalk, at, to -> onCurve.accept(new PickedEdge(piece.id(), edge), dragged.apply(to)));
        knob.setId("handle-%s-%d-%s".formatted(piece.id(), edge, which));
        getChildren().addAll(stem, knob);
    }

    /** A corner that the pen can drag. */
    private Circle corner(Piece piece, int edge, Chalk chalk) {
        var at = piece.run(edge).getFirst();
        var knob = knob(chalk, at, to -> onCorner.accept(new PickedEdge(piece.id(), edge), to));
        knob.setId("corner-%s-%d".formatted(piece.id(), edge));
        return knob;
    }

    /** Follows the pen, and says where it was let go. */
    private Circle knob(Chalk chalk, Point at, Consumer<Point> letGo) {
        var knob = new Circle(chalk.x(at.x()), chalk.y(at.y()), HANDLE);
        knob.getStyleClass().add("corner-handle");
        knob.setOnMouseDragged(mouse -> {
            var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
            knob.setCenterX(here.getX());
            knob.setCenterY(here.getY());
        });
        knob.setOnMouseReleased(_ -> {
            var to = chalk.at(knob.getCenterX(), knob.getCenterY());
            if (to.to(at) * chalk.scale() > 2) letGo.accept(to);
        });
        return knob;
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

    private void piece(Lying one, Chalk chalk) {
        var fill = chalk.draw(one.cut(), "chalk-fill");
        var at = picked.get();
        var own = at != null && at.piece().equals(one.piece().id());
        fill.pseudoClassStateChanged(Styles.PICKED, own);
        fill.setId("fill-" + one.piece().id());
        fill.setOnMouseClicked(_ -> picked.set(new PickedEdge(one.piece().id(), own ? at.edge() : 0)));
        var net = chalk.draw(one.piece().net(), "chalk-dash");
        net.setMouseTransparent(true); // else a click in the middle of a piece would not pick it
        getChildren().addAll(fill, net);
        getChildren().addAll(PieceChalk.inside(one.piece(), chalk));
        for (var i = 0; i < one.piece().edges().size(); i++) {
            var edge = i;
            var line = chalk.draw(one.piece().run(i), own && at.edge() == i ? "picked-edge" : "chalk-edge");
            line.setOnMouseClicked(_ -> picked.set(new PickedEdge(one.piece().id(), edge)));
            line.setId("edge-" + one.piece().id() + "-" + i);
            getChildren().add(line);
        }
        for (var notch : Notches.of(one.piece(), patterns.seams(), patterns))
            getChildren().add(snip(notch, chalk));
        if (own) {
            getChildren().addAll(PieceChalk.codes(one.piece(), patterns, chalk));
            for (var i = 0; i < one.piece().edges().size(); i++) getChildren().add(corner(one.piece(), i, chalk));
            if (one.piece().edges().get(at.edge()).line().size() > 2) handles(one.piece(), at.edge(), chalk);
        }
        var box = one.cut().box();
        getChildren().add(PieceChalk.name(one.piece(), chalk.x(box.minX()), chalk.y(box.minY()) + 2));
    }
}
