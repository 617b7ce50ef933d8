package welumen.cut.nest;

import java.util.random.RandomGenerator;

/** The box round the pieces on a field of a layout. */
final class UsedBox {
    private final Layout layout;
    private final int on;
    private double minX = Double.POSITIVE_INFINITY;
    private double minY = Double.POSITIVE_INFINITY;
    private double maxX = Double.NEGATIVE_INFINITY;
    private double maxY = Double.NEGATIVE_INFINITY;

    private UsedBox(Layout layout, int on) {
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

    static UsedBox of(Layout layout, int on) {
        return new UsedBox(layout, on);
    }

    /** On the field of which it covers least. */
    static UsedBox emptiest(Layout layout) {
        var emptiest = of(layout, layout.field[0]);
        for (var on = 0; on < layout.fields.size(); on++) {
            var box = of(layout, on);
            if (box.maxX > box.minX && box.share() < emptiest.share()) emptiest = box;
        }
        return emptiest;
    }

    /** Of the box of that field. */
    double share() {
        return (maxX - minX) * (maxY - minY) / layout.fields.get(on).boxArea();
    }

    /** The number of that field. */
    int on() {
        return on;
    }

    /** Pieces may lie on that field in this box alone, less a share of it on any one of its sides. */
    void bite(double share, RandomGenerator random) {
        bound(0, 0, on);
        var across = share * (maxX - minX);
        var up = share * (maxY - minY);
        switch (random.nextInt(4)) {
            case 0 -> layout.minX[on] += across;
            case 1 -> layout.maxX[on] -= across;
            case 2 -> layout.minY[on] += up;
            default -> layout.maxY[on] -= up;
        }
    }

    /**
     * Pieces may lie on another field in such a box alone, as far as that field reaches.
     *
     * @param dx by how much the box is shifted, as is dy
     */
    void bound(double dx, double dy, int other) {
        var field = layout.fields.get(other);
        layout.minX[other] = Math.max(field.minX, minX + dx);
        layout.maxX[other] = Math.min(field.maxX, maxX + dx);
        layout.minY[other] = Math.max(field.minY, minY + dy);
        layout.maxY[other] = Math.min(field.maxY, maxY + dy);
    }
}
