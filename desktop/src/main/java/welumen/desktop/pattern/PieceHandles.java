package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.measure.Lengths;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.NotchMove;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Axes;
import welumen.shape.Bezier;
import welumen.shape.Point;
import welumen.shape.Run;

/** What the pen can drag on a piece: its corners, edges, curves, holes and notches; the number is read beside the pen. */
final class PieceHandles {
    private static final double HANDLE = 5;

    private final FeltPane felt;
    private BiConsumer<PickedEdge, Point> onCorner = (_, _) -> {};
    private BiConsumer<PickedEdge, Bezier> onCurve = (_, _) -> {};
    private BiConsumer<PickedEdge, Double> onEdge = (_, _) -> {};
    private BiConsumer<PickedEdge, Double> onNotch = (_, _) -> {};
    private Consumer<Piece> onHole = _ -> {};

    PieceHandles(FeltPane felt) {
        this.felt = felt;
    }

    /** @param told which corner was dragged, by the edge that begins in it, and where to */
    void onCorner(BiConsumer<PickedEdge, Point> told) {
        onCorner = told;
    }

    /** @param told which edge runs on another curve */
    void onCurve(BiConsumer<PickedEdge, Bezier> told) {
        onCurve = told;
    }

    /** @param told which edge was dragged, and how far out, in mm; inward below nought */
    void onEdge(BiConsumer<PickedEdge, Double> told) {
        onEdge = told;
    }

    /** @param told which notch was dragged, and how far along the edge it is let into, in mm; back below nought */
    void onNotch(BiConsumer<PickedEdge, Double> told) {
        onNotch = told;
    }

    /** @param told of a piece one of whose holes was dragged, as it is now */
    void onHole(Consumer<Piece> told) {
        onHole = told;
    }

    /** Those of a piece's holes, which lie under its seams' marks. */
    List<Circle> holes(Piece piece, Chalk chalk) {
        return piece.inside().piercings().stream()
                .map(piercing -> hole(piece, piercing, chalk))
                .toList();
    }

    /** Those of its corners and notches, and of the picked edge where it is curved. */
    List<Node> of(Piece piece, int picked, Chalk chalk) {
        var all = new ArrayList<Node>();
        for (var edge = 0; edge < piece.edges().size(); edge++) all.add(corner(piece, edge, chalk));
        for (var edge = 0; edge < piece.edges().size(); edge++)
            if (NotchMove.isNotch(piece, edge)) all.add(notch(piece, edge, chalk)); // above the corners beside it
        if (piece.edges().get(picked).line().size() > 2 && !NotchMove.isNotch(piece, picked))
            all.addAll(curve(piece, picked, chalk));
        return all;
    }

    /** The two handles of a curved edge, which the pen can drag. */
    private List<Node> curve(Piece piece, int edge, Chalk chalk) {
        var curve = EdgeCurve.curve(piece, edge);
        var both = new ArrayList<>(handle(
                piece,
                edge,
                "first",
                chalk,
                curve.a(),
                curve.b(),
                to -> new Bezier(curve.a(), to, curve.c(), curve.d())));
        both.addAll(handle(
                piece,
                edge,
                "last",
                chalk,
                curve.d(),
                curve.c(),
                to -> new Bezier(curve.a(), curve.b(), to, curve.d())));
        return both;
    }

    private List<Node> handle(
            Piece piece, int edge, String which, Chalk chalk, Point end, Point at, Function<Point, Bezier> dragged) {
        var stem = chalk.draw(List.of(end, at), "grain-line");
        stem.setMouseTransparent(true);
        var knob = knob(chalk, at, to -> onCurve.accept(new PickedEdge(piece.id(), edge), dragged.apply(to)));
        knob.setId("handle-%s-%d-%s".formatted(piece.id(), edge, which));
        return List.of(stem, knob);
    }

    /** A corner that the pen can drag. */
    private Circle corner(Piece piece, int edge, Chalk chalk) {
        var at = piece.run(edge).getFirst();
        var knob = knob(chalk, at, to -> onCorner.accept(new PickedEdge(piece.id(), edge), to));
        knob.setId("corner-%s-%d".formatted(piece.id(), edge));
        return knob;
    }

    /** An edge follows the pen square to itself, and the number of it is read beside. */
    void pulled(Node line, Piece piece, int edge, Chalk chalk) {
        var along = Axes.along(piece.run(edge));
        var reading = new DragReading(felt);
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
        var here = felt.sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
        return -along.in(chalk.at(here.getX(), here.getY())).y();
    }

    /** A hole that the pen can drag. */
    private Circle hole(Piece piece, Piercing piercing, Chalk chalk) {
        var reading = new DragReading(felt);
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
            var here = felt.sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
            knob.setCenterX(here.getX());
            knob.setCenterY(here.getY());
        });
        knob.setOnMouseReleased(_ -> {
            var to = chalk.at(knob.getCenterX(), knob.getCenterY());
            if (to.to(at) * chalk.scale() > 2) letGo.accept(to);
        });
        return knob;
    }

    /** A notch goes along the edge into which it is let. */
    private Circle notch(Piece piece, int edge, Chalk chalk) {
        var axes = Axes.along(NotchMove.mouth(piece, edge).points());
        var middle = new Run(piece.run(edge)).at(piece.lengthMm(edge) / 2); // of its bottom, away from its corners
        var at = NotchMove.middleMm(piece, edge);
        var reading = new DragReading(felt);
        var knob = knob(chalk, middle, to -> onNotch.accept(new PickedEdge(piece.id(), edge), along(axes, middle, to)));
        knob.setId("notch-%s-%d".formatted(piece.id(), edge));
        var follow = knob.getOnMouseDragged();
        knob.setOnMouseDragged(mouse -> {
            follow.handle(mouse);
            var by = along(axes, middle, chalk.at(knob.getCenterX(), knob.getCenterY()));
            reading.show(mouse, "%s along".formatted(Lengths.said(Math.rint(at + by))));
        });
        return knob;
    }

    private static double along(Axes axes, Point from, Point to) {
        return Math.rint(axes.in(to).x() - axes.in(from).x());
    }
}
