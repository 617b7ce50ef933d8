package welumen.desktop.look;

import java.util.List;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.QuadCurveTo;
import welumen.cabin.PartKind;

/**
 * How a kind of part is drawn, so that it reads as what it is: an outline and the few lines
 * within that tell it. Places are shares of its box, from its upper left.
 */
public final class PartShape {
    private final Path outline = new Path();
    private final Path within = new Path();
    private final double width;
    private final double height;

    private PartShape(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /** As large as its box, in pixels. */
    public static PartShape of(PartKind kind, double width, double height) {
        var shape = new PartShape(width, height);
        shape.draw(kind);
        return shape;
    }

    /** Its outline, without a style. */
    public Path outline() {
        return outline;
    }

    /** Lines that tell the kind; none where the outline says it all. */
    public Path within() {
        return within;
    }

    private void draw(PartKind kind) {
        switch (kind) {
            case SEAT, REAR_SEAT -> {
                round(0, 0, 1, 1, 0.22);
                line(0, 0.72, 1, 0.72);
                for (var x : List.of(0.25, 0.5, 0.75)) line(x, 0.06, x, 0.66);
            }
            case COVER -> {
                round(0, 0, 1, 1, 0.2);
                for (var x : List.of(0.2, 0.4, 0.6, 0.8)) line(x, 0.08, x, 0.92);
            }
            case FOAM, MAT, UNDERLAY -> {
                round(0, 0, 1, 1, 0.3);
                round(within, 0.09, 0.12, 0.91, 0.88, 0.25);
            }
            case FRAME, RUNNERS -> {
                round(0, 0, 1, 1, 0.08);
                line(0.16, 0, 0.16, 1);
                line(0.84, 0, 0.84, 1);
            }
            case CARPET -> corners(0, 0.12, 0.3, 0, 0.42, 0.14, 0.58, 0.14, 0.7, 0, 1, 0.12, 1, 1, 0, 1);
            case DOOR_CARD, SHIELD -> {
                corners(0.14, 0, 1, 0, 1, 1, 0, 1, 0, 0.28);
                line(0.12, 0.78, 0.88, 0.78);
            }
            case KICK_PANEL -> corners(0, 0, 1, 0.3, 1, 1, 0, 1);
            case SILL_COVER, DOOR_SEAL, RUNNER, BELT, RAIL -> {
                round(0, 0, 1, 1, 0.12);
                line(0.06, 0.12, 0.94, 0.12);
                line(0.06, 0.88, 0.94, 0.88);
            }
            case PILLAR -> corners(0.08, 0, 0.92, 0, 1, 1, 0, 1);
            case DASH, PAD, FASCIA -> {
                outline.getElements()
                        .addAll(move(0, 0.2), curve(0.5, -0.16, 1, 0.2), lineTo(1, 1), lineTo(0, 1), new ClosePath());
                line(0.04, 0.86, 0.96, 0.86);
            }
            case HEADLINING, HOOD -> {
                round(0, 0, 1, 1, 0.16);
                for (var y : List.of(0.16, 0.84))
                    within.getElements().addAll(move(0.02, y), curve(0.5, y - 0.1, 0.98, y));
            }
            case WHEEL, GAUGES, LAMP -> round(0, 0, 1, 1, 0.5);
            case CONSOLE, GAITER, COWL -> corners(0.1, 0, 0.9, 0, 1, 0.24, 1, 1, 0, 1, 0, 0.24);
            case SHELF, BOARD, BULKHEAD -> corners(0.06, 0, 0.94, 0, 1, 1, 0, 1);
            case SHELL -> {
                corners(0, 0, 1, 0, 1, 1, 0, 1);
                for (var y : List.of(0.12, 0.88)) line(0.04, y, 0.96, y);
            }
            case HEADREST, POCKET, ARMREST, DUCT, VENT, LID, SWITCHGEAR, VISOR, MIRROR, HANDLE, BATTERY ->
                round(0, 0, 1, 1, 0.25);
        }
    }

    private void corners(double... places) {
        outline.getElements().add(move(places[0], places[1]));
        for (var i = 2; i < places.length; i += 2) outline.getElements().add(lineTo(places[i], places[i + 1]));
        outline.getElements().add(new ClosePath());
    }

    private void line(double fromX, double fromY, double toX, double toY) {
        within.getElements().addAll(move(fromX, fromY), lineTo(toX, toY));
    }

    private void round(double left, double top, double right, double bottom, double radius) {
        round(outline, left, top, right, bottom, radius);
    }

    /** @param radius as a share of the shorter side */
    private void round(Path path, double left, double top, double right, double bottom, double radius) {
        var r = radius * Math.min(width, height);
        var rx = r / width;
        var ry = r / height;
        path.getElements()
                .addAll(
                        move(left + rx, top),
                        lineTo(right - rx, top),
                        curve(right, top, right, top + ry),
                        lineTo(right, bottom - ry),
                        curve(right, bottom, right - rx, bottom),
                        lineTo(left + rx, bottom),
                        curve(left, bottom, left, bottom - ry),
                        lineTo(left, top + ry),
                        curve(left, top, left + rx, top),
                        new ClosePath());
    }

    private PathElement move(double x, double y) {
        return new MoveTo(x * width, y * height);
    }

    private PathElement lineTo(double x, double y) {
        return new LineTo(x * width, y * height);
    }

    private PathElement curve(double overX, double overY, double x, double y) {
        return new QuadCurveTo(overX * width, overY * height, x * width, y * height);
    }
}
