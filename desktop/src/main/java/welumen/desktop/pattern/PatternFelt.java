package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.FeltWords;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Zoom;
import welumen.measure.Lengths;
import welumen.pattern.Patterns;
import welumen.pattern.Seam.Side;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.seam.Notches;
import welumen.shape.Axes;
import welumen.shape.Bezier;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/** Pieces in rows on felt: the cutting line in full chalk, the finished line dashed inside it, the picked edge in wax. */
final class PatternFelt extends FeltPane {
    private static final double GAP = 70;
    /** Height in pixels of a name. */
    private static final double NAME_HIGH = 22;

    /** Room in mm for a name below each row. */
    private static final double ROW_GAP = 150;

    private static final double PADDING = 18;
    private static final double HANDLE = 5;

    private record Lying(Piece piece, Outline cut, double x, double y) {}

    private final ObjectProperty<PickedEdge> picked;
    private BiConsumer<PickedEdge, Point> onCorner = (_, _) -> {};
    private BiConsumer<PickedEdge, Bezier> onCurve = (_, _) -> {};
    private BiConsumer<PickedEdge, Double> onEdge = (_, _) -> {};
    private Consumer<Piece> onHole = _ -> {};
    private Optional<Piece> preview = Optional.empty();
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

    /** @param newOnEdge told which edge was dragged, and how far out, in mm; inward below nought */
    void onEdge(BiConsumer<PickedEdge, Double> newOnEdge) {
        onEdge = newOnEdge;
    }

    /** @param newOnHole told of a piece one of whose holes was dragged, as it is now */
    void onHole(Consumer<Piece> newOnHole) {
        onHole = newOnHole;
    }

    /** What a piece would be like, drawn in wax over it, or beside all others where it is a new one. */
    void preview(Optional<Piece> what) {
        if (what.equals(preview)) return;
        preview = what;
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
        if (pieces.size() > 1) {
            alone.relocate(8, 8);
            getChildren().add(alone);
            alone.autosize();
        }
    }

    private boolean isNew(Piece piece) {
        return pieces.stream().noneMatch(one -> one.id().equals(piece.id()));
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

    /** An edge follows the pen square to itself, and the number of it is read beside. */
    private void pulled(Node line, Piece piece, int edge, Chalk chalk) {
        var along = Axes.along(piece.run(edge));
        var reading = new DragReading(this);
        line.setOnMouseDragged(mouse -> {
            var out = out(mouse, along, chalk);
            line.setTranslateX(Math.sin(Math.toRadians(along.degrees())) * out * chalk.scale());
            line.setTranslateY(Math.cos(Math.toRadians(along.degrees())) * out * chalk.scale());
            reading.show(mouse, "%s %s".formatted(out < 0 ? "in" : "out", Lengths.said(Math.abs(Math.rint(out)))));
        });
        line.setOnMouseReleased(mouse -> {
            if (!reading.isShown()) return;
            reading.hide();
            line.setTranslateX(0);
            line.setTranslateY(0);
            onEdge.accept(new PickedEdge(piece.id(), edge), Math.rint(out(mouse, along, chalk)));
        });
    }

    /** How far out of an edge the pen is, in mm; pieces go round against the clock, so that out is to the right of an edge. */
    private double out(MouseEvent mouse, Axes along, Chalk chalk) {
        var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
        return -along.in(chalk.at(here.getX(), here.getY())).y();
    }

    /** A hole that the pen can drag. */
    private Circle hole(Piece piece, Piercing piercing, Chalk chalk) {
        var reading = new DragReading(this);
        var knob = knob(
                chalk,
                piercing.at(),
                to -> onHole.accept(piece.with(piece.inside().moved(piercing, to))));
        var follow = knob.getOnMouseDragged();
        knob.setOnMouseDragged(mouse -> {
            follow.handle(mouse);
            var at = Axes.along(piece.run(0)).in(chalk.at(knob.getCenterX(), knob.getCenterY()));
            reading.show(
                    mouse,
                    "%s along, %s in".formatted(Lengths.said(Math.rint(at.x())), Lengths.said(Math.rint(at.y()))));
        });
        knob.setId("hole-%s-%d".formatted(piece.id(), piece.inside().piercings().indexOf(piercing)));
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
        fill.setOnMouseClicked(_ -> picked.set(new PickedEdge(one.piece().id(), own ? at.edge() : 0)));
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
            if (own) pulled(line, one.piece(), edge, chalk);
            getChildren().add(line);
        }
        if (own)
            for (var piercing : one.piece().inside().piercings()) getChildren().add(hole(one.piece(), piercing, chalk));
        preview.filter(next -> next.id().equals(one.piece().id()))
                .ifPresent(next -> getChildren().add(chalk.draw(next.net(), "other-side")));
        for (var notch : Notches.of(one.piece(), patterns.seams(), patterns))
            getChildren().add(snip(notch, chalk));
        if (own) {
            getChildren().addAll(PieceChalk.codes(one.piece(), patterns, chalk));
            for (var i = 0; i < one.piece().edges().size(); i++) getChildren().add(corner(one.piece(), i, chalk));
            if (one.piece().edges().get(at.edge()).line().size() > 2) handles(one.piece(), at.edge(), chalk);
        }
        named(one, chalk, words);
    }

    private static void named(Lying one, Chalk chalk, FeltWords words) {
        words.keepFree(chalk, one.piece().net().box());
        words.add(one.piece().name(), chalk, one.cut().box());
    }
}
