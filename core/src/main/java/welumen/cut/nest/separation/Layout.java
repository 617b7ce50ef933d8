package welumen.cut.nest.separation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.Placement;

/**
 * Where every item lies, whether it may or not, and how deep each pair lies in each other. The box of a field may be smaller
 * than the field: that is how room is taken away.
 */
public final class Layout {
    /** Obstacles on a field for which there is room until more are met. */
    private static final int OBSTACLES = 32;
    /** Number that stands for no field. */
    public static final int NONE = -1;

    /** Share of the items, the largest first, that may change places. */
    private static final double LARGE = 0.4;

    public final List<Item> items;
    public final List<Container> fields;
    public final PlacedForm[] bodies;
    /** The boxes of all bodies, each as least and greatest x, then y: read far more often than anything else. */
    final double[] boxes;

    public final int[] field;
    public final boolean[] flipped;
    /** Whether pieces may lie on a field at all. */
    public final boolean[] isOpen;
    /** The field on which an item may not lie though it is open, or {@link #NONE}. */
    public final int[] keptOff;
    /** The box of each field in which pieces may lie. */
    public final double[] minX;

    public final double[] minY;
    public final double[] maxX;
    public final double[] maxY;
    /** What a pair, or an item and an obstacle, weighs: the more, the longer they have collided. */
    final double[][] weight;

    final double[][] groundWeight;
    final double[][] depth;
    final double[][] groundDepth;

    public Layout(List<Item> items, List<Container> fields) {
        this.items = items;
        this.fields = fields;
        var count = items.size();
        bodies = new PlacedForm[count];
        for (var i = 0; i < count; i++) bodies[i] = new PlacedForm(items.get(i).plain());
        boxes = new double[4 * count];
        field = new int[count];
        flipped = new boolean[count];
        isOpen = new boolean[fields.size()];
        keptOff = new int[count];
        Arrays.fill(keptOff, NONE);
        minX = fields.stream().mapToDouble(one -> one.minX).toArray();
        minY = fields.stream().mapToDouble(one -> one.minY).toArray();
        maxX = fields.stream().mapToDouble(one -> one.maxX).toArray();
        maxY = fields.stream().mapToDouble(one -> one.maxY).toArray();
        weight = new double[count][count];
        depth = new double[count][count];
        groundWeight = new double[count][];
        groundDepth = new double[count][];
        for (var i = 0; i < count; i++) {
            groundWeight[i] = new double[OBSTACLES];
            groundDepth[i] = new double[OBSTACLES];
        }
        forget();
    }

    /** The same layout once more, to be changed by another thread. */
    public Layout copy() {
        var copy = new Layout(items, fields);
        copy.take(this);
        for (var i = 0; i < items.size(); i++) {
            System.arraycopy(weight[i], 0, copy.weight[i], 0, weight[i].length);
            copy.groundWeight[i] = groundWeight[i].clone();
        }
        return copy;
    }

    /** Takes over where another has everything; what weighs what stays. */
    void take(Layout other) {
        for (var i = 0; i < items.size(); i++) {
            lay(i, other.field[i], other.bodies[i].x, other.bodies[i].y, other.bodies[i].turn, other.flipped[i]);
            System.arraycopy(other.depth[i], 0, depth[i], 0, depth[i].length);
            makeRoom(i, other.groundDepth[i].length);
            Arrays.fill(groundDepth[i], 0);
            System.arraycopy(other.groundDepth[i], 0, groundDepth[i], 0, other.groundDepth[i].length);
        }
        System.arraycopy(other.isOpen, 0, isOpen, 0, isOpen.length);
        System.arraycopy(other.keptOff, 0, keptOff, 0, keptOff.length);
        System.arraycopy(other.minX, 0, minX, 0, minX.length);
        System.arraycopy(other.minY, 0, minY, 0, minY.length);
        System.arraycopy(other.maxX, 0, maxX, 0, maxX.length);
        System.arraycopy(other.maxY, 0, maxY, 0, maxY.length);
    }

    /** Every pair weighs the same again. */
    public void forget() {
        for (var row : weight) Arrays.fill(row, 1);
        for (var row : groundWeight) Arrays.fill(row, 1);
    }

    public Obstacles obstacles(int item, int onField) {
        var grounds = fields.get(onField).obstacles(items.get(item).piece().grade());
        makeRoom(item, grounds.count());
        return grounds;
    }

    /** What has not collided yet weighs as much as at the start. */
    private void makeRoom(int item, int obstacles) {
        var known = groundWeight[item].length;
        if (obstacles <= known) return;
        groundWeight[item] = Arrays.copyOf(groundWeight[item], obstacles);
        Arrays.fill(groundWeight[item], known, obstacles, 1);
        groundDepth[item] = Arrays.copyOf(groundDepth[item], obstacles);
    }

    /** Which way a field stretches in the middle of an item that lies there so, in radians; nought where it does not matter. */
    public double course(int item, int onField, double x, double y, double turn, boolean isFlipped) {
        var one = items.get(item);
        return one.ways().get(onField).goByCourse() ? one.course(fields.get(onField), x, y, turn, isFlipped) : 0;
    }

    public void lay(int item, int onField, double x, double y, double turn, boolean isFlipped) {
        field[item] = onField;
        flipped[item] = isFlipped;
        var body = bodies[item];
        body.lay(items.get(item).form(isFlipped), x, y, turn);
        boxes[4 * item] = body.minX;
        boxes[4 * item + 1] = body.maxX;
        boxes[4 * item + 2] = body.minY;
        boxes[4 * item + 3] = body.maxY;
    }

    /** Measures anew how deep an item lies in all else. */
    void measure(int item, Collider collider) {
        var body = bodies[item];
        var grounds = obstacles(item, field[item]);
        Arrays.fill(groundDepth[item], 0);
        for (var k = 0; k < grounds.count(); k++)
            if (grounds.isNear(body, k)) groundDepth[item][k] = collider.depth(body, grounds.get(k));
        for (var j = 0; j < bodies.length; j++) {
            if (j == item) continue;
            var deep = field[j] == field[item] && isNear(body, j) ? collider.depth(body, bodies[j]) : 0;
            depth[item][j] = deep;
            depth[j][item] = deep;
        }
    }

    /** Whether a body may lie in an item, by their boxes. */
    boolean isNear(PlacedForm body, int item) {
        var at = 4 * item;
        return boxes[at] < body.maxX
                && boxes[at + 1] > body.minX
                && boxes[at + 2] < body.maxY
                && boxes[at + 3] > body.minY;
    }

    public void measureAll(Collider collider) {
        for (var i = 0; i < bodies.length; i++) measure(i, collider);
    }

    double weighed(int item) {
        var sum = 0.0;
        for (var j = 0; j < depth.length; j++) sum += depth[item][j] * weight[item][j];
        for (var k = 0; k < groundDepth[item].length; k++) sum += groundDepth[item][k] * groundWeight[item][k];
        return sum;
    }

    /** Whether an item lies in something, or where it may not. */
    boolean isInTheWay(int item) {
        if (!isWithin(item)) return true;
        for (var j = 0; j < depth.length; j++) if (depth[item][j] > 0) return true;
        for (var deep : groundDepth[item]) if (deep > 0) return true;
        return false;
    }

    /** How much is in the way, of all pairs once; an item outside its field's box counts with its whole area. */
    public double total() {
        var sum = 0.0;
        for (var i = 0; i < depth.length; i++) {
            for (var j = i + 1; j < depth.length; j++) sum += depth[i][j];
            for (var deep : groundDepth[i]) sum += deep;
            if (!isWithin(i)) sum += bodies[i].form().area;
        }
        return sum;
    }

    /** What lies on other fields may not come to lie on that one. */
    public void keepOthersOff(int on) {
        for (var i = 0; i < field.length; i++) if (field[i] != on) keptOff[i] = on;
    }

    public boolean mayLieOn(int item, int on) {
        return isOpen[on] && keptOff[item] != on;
    }

    /** The fields on which an item may lie, one way or other. */
    public int[] fieldsFor(int item) {
        var ways = items.get(item).ways();
        return IntStream.range(0, isOpen.length)
                .filter(on -> mayLieOn(item, on) && !ways.get(on).none())
                .toArray();
    }

    /** Whether an item's box lies in the box of its field, and it may lie on that. */
    boolean isWithin(int item) {
        var body = bodies[item];
        var on = field[item];
        return mayLieOn(item, on)
                && body.minX >= minX[on] - 1e-9
                && body.minY >= minY[on] - 1e-9
                && body.maxX <= maxX[on] + 1e-9
                && body.maxY <= maxY[on] + 1e-9;
    }

    /** Two of the larger items change places. */
    public void swapLarge(RandomGenerator random) {
        var large = Math.max(2, (int) (LARGE * items.size()));
        var a = random.nextInt(large);
        var b = (a + 1 + random.nextInt(large - 1)) % large;
        var x = bodies[a].x;
        var y = bodies[a].y;
        var on = field[a];
        lay(a, field[b], bodies[b].x, bodies[b].y, bodies[a].turn, flipped[a]);
        lay(b, on, x, y, bodies[b].turn, flipped[b]);
    }

    public List<Placement> placements() {
        var placements = new ArrayList<Placement>();
        for (var i = 0; i < items.size(); i++)
            placements.add(items.get(i)
                    .placement(fields.get(field[i]).stock, bodies[i].x, bodies[i].y, bodies[i].turn, flipped[i]));
        return placements;
    }
}
