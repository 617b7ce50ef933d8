package welumen.cut.nest;

import java.util.random.RandomGenerator;

/** The box round the pieces of that field of a layout on which they cover least of it. */
final class EmptiestBox {
    private final Layout layout;
    private final int on;
    private double minX = Double.POSITIVE_INFINITY;
    private double minY = Double.POSITIVE_INFINITY;
    private double maxX = Double.NEGATIVE_INFINITY;
    private double maxY = Double.NEGATIVE_INFINITY;

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
    }

    static EmptiestBox of(Layout layout) {
        var emptiest = new EmptiestBox(layout, layout.field[0]);
        for (var on = 0; on < layout.fields.size(); on++) {
            var box = new EmptiestBox(layout, on);
            if (box.maxX > box.minX && box.share() < emptiest.share()) emptiest = box;
        }
        return emptiest;
    }

    /** Of the box of that field. */
    double share() {
        var field = layout.fields.get(on);
        return (maxX - minX) * (maxY - minY) / (field.width() * field.height());
    }

    /** Pieces may lie on that field in this box alone, less a share of it on any one of its sides. */
    void bite(double share, RandomGenerator random) {
        var across = share * (maxX - minX);
        var up = share * (maxY - minY);
        var side = random.nextInt(4);
        layout.minX[on] = side == 0 ? minX + across : minX;
        layout.maxX[on] = side == 1 ? maxX - across : maxX;
        layout.minY[on] = side == 2 ? minY + up : minY;
        layout.maxY[on] = side == 3 ? maxY - up : maxY;
    }
}
