package welumen.cut.nest;

import java.util.random.RandomGenerator;
import welumen.cut.judge.PlanScore;
import welumen.cut.nest.separation.Layout;
import welumen.shape.Box;

/** The box round the pieces on that field of a layout of which it covers least. */
final class EmptiestBox {
    private final Layout layout;
    private final int on;
    private double minX = Double.POSITIVE_INFINITY;
    private double minY = Double.POSITIVE_INFINITY;
    private double maxX = Double.NEGATIVE_INFINITY;
    private double maxY = Double.NEGATIVE_INFINITY;
    /** Infinite where nothing lies. */
    private final double share;

    private EmptiestBox(Layout layout, int on) {
        this.layout = layout;
        this.on = on;
        for (var i = 0; i < layout.bodies.length; i++) {
            if (layout.field[i] != on) continue;
            var body = layout.bodies[i];
            minX = Math.min(minX, body.minX);
            minY = Math.min(minY, body.minY);
            maxX = Math.max(maxX, body.maxX);
            maxY = Math.max(maxY, body.maxY);
        }
        share = maxX > minX ? covered(new Box(minX, minY, maxX, maxY)) : Double.POSITIVE_INFINITY;
    }

    static EmptiestBox of(Layout layout) {
        var emptiest = new EmptiestBox(layout, layout.field[0]);
        for (var on = 0; on < layout.fields.size(); on++) {
            var box = new EmptiestBox(layout, on);
            if (box.share < emptiest.share) emptiest = box;
        }
        return emptiest;
    }

    /** The number of its field. */
    int on() {
        return on;
    }

    /** What it covers of its field. */
    double share() {
        return share;
    }

    private double covered(Box box) {
        return PlanScore.covered(layout.fields.get(on).stock, box);
    }

    /** In a layout of the same items pieces may lie on that field in this box alone, less a share of it on any one of its sides. */
    void bite(Layout of, double share, RandomGenerator random) {
        var across = share * (maxX - minX);
        var up = share * (maxY - minY);
        var side = random.nextInt(4);
        of.minX[on] = side == 0 ? minX + across : minX;
        of.maxX[on] = side == 1 ? maxX - across : maxX;
        of.minY[on] = side == 2 ? minY + up : minY;
        of.maxY[on] = side == 3 ? maxY - up : maxY;
    }

    /** What the box of a layout on that field, in which pieces may lie, covers of it. */
    double left(Layout of) {
        return covered(new Box(of.minX[on], of.minY[on], of.maxX[on], of.maxY[on]));
    }
}
