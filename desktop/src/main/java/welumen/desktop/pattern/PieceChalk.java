package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Circle;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.StrokeLineCap;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Nodes;
import welumen.pattern.Patterns;
import welumen.pattern.cutting.KeepOutCheck;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Surface;
import welumen.pattern.seam.SeamCodes;
import welumen.pattern.surface.Perforation;
import welumen.pattern.surface.SewnLines;
import welumen.shape.Point;

/** What lies within a piece's edges, in chalk: rows of stitches, holes and slits, rooms that stay free, the way it lies. */
final class PieceChalk {
    private static final double SMALLEST = 2.5;
    private static final double ARROW = 34;
    private static final double BARB = 7;

    private PieceChalk() {}

    static List<Node> inside(Piece piece, Chalk chalk) {
        var nodes = new ArrayList<Node>();
        for (var row : SewnLines.of(piece).rows()) nodes.add(chalk.draw(List.of(row.from(), row.to()), "sewn-row"));
        if (piece.inside().surface() instanceof Surface.Perforated wanted) nodes.add(perforated(piece, wanted, chalk));
        for (var hole : piece.holes()) nodes.add(chalk.draw(hole, "chalk-hole"));
        for (var piercing : piece.inside().piercings()) nodes.add(pierced(piercing, chalk));
        for (var keepOut : piece.inside().keepOuts()) nodes.add(chalk.draw(keepOut.room(), "keep-out"));
        for (var offence : KeepOutCheck.of(piece)) nodes.add(chalk.draw(offence.where(), "keep-out-entered"));
        piece.grain().way().ifPresent(degrees -> nodes.addAll(arrow(piece, degrees, chalk)));
        nodes.forEach(node -> node.setMouseTransparent(true));
        return nodes;
    }

    /** One line of dots, since a node for each hole would be thousands. */
    private static Node perforated(Piece piece, Surface.Perforated wanted, Chalk chalk) {
        var dots = new Path();
        for (var hole : Perforation.of(piece, wanted).holes()) {
            var x = chalk.x(hole.x());
            var y = chalk.y(hole.y());
            dots.getElements().addAll(new MoveTo(x, y), new LineTo(x + 0.01, y));
        }
        dots.setStrokeLineCap(StrokeLineCap.ROUND);
        dots.setStrokeWidth(Math.max(1, wanted.holeMm() * chalk.scale()));
        dots.getStyleClass().add("perforation");
        return dots;
    }

    /** What is chalked at both ends of its seams. */
    static List<Node> codes(Piece piece, Patterns patterns, Chalk chalk) {
        return SeamCodes.on(piece, patterns).stream()
                .<Node>map(code -> {
                    var word = Nodes.whole(code.word(), "seam-code");
                    word.relocate(chalk.x(code.at().x()) - 8, chalk.y(code.at().y()) - 9);
                    word.setMouseTransparent(true);
                    return word;
                })
                .toList();
    }

    private static Node pierced(Piercing piercing, Chalk chalk) {
        if (!piercing.kind().isRound())
            return chalk.draw(
                    List.of(
                            piercing.at().minus(piercing.halfSlit()),
                            piercing.at().plus(piercing.halfSlit())),
                    "slit-line");
        var circle = new Circle(
                chalk.x(piercing.at().x()),
                chalk.y(piercing.at().y()),
                Math.max(SMALLEST, piercing.sizeMm() / 2 * chalk.scale()));
        circle.getStyleClass().add("chalk-hole");
        return circle;
    }

    /** Nap has one barb more than stretch, since it has one way only. */
    private static List<Node> arrow(Piece piece, double degrees, Chalk chalk) {
        var box = piece.net().box();
        var middle = box.middle();
        var along = new Point(Math.cos(Math.toRadians(degrees)), Math.sin(Math.toRadians(degrees)));
        var across = new Point(-along.y(), along.x());
        var half = ARROW / chalk.scale();
        var barb = BARB / chalk.scale();
        var tip = middle.plus(along.times(half));
        var tail = middle.minus(along.times(half));
        var nodes = new ArrayList<Node>();
        nodes.add(chalk.draw(List.of(tail, tip), "grain-line"));
        nodes.add(barbs(tip, along, across, barb, chalk));
        if (piece.grain() instanceof Grain.StretchAlong) nodes.add(barbs(tail, along.times(-1), across, barb, chalk));
        return nodes;
    }

    private static Node barbs(Point tip, Point along, Point across, double barb, Chalk chalk) {
        var back = tip.minus(along.times(barb));
        return chalk.draw(
                List.of(back.plus(across.times(barb * 0.6)), tip, back.minus(across.times(barb * 0.6))), "grain-line");
    }

    /** The piece's name, at a place of the pane. */
    static Label name(Piece piece, double x, double y) {
        var word = Nodes.whole(piece.name(), "chalk-word");
        word.relocate(x, y);
        return word;
    }
}
