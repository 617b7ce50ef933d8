package welumen.cut.nest;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Layout;
import welumen.shape.Planar;

/** Which stocks a layout uses, and which of them could go, by area alone. Stocks are numbered as their fields are. */
final class UsedStock {
    /** Share of what is open that no plan exceeds. */
    private static final double FULL = 0.97;

    /** Share of what would stay open up to which one hide fewer is to be expected. */
    private static final double LIKELY = 0.76;

    /** Share of its room below which a hide is nearly empty. */
    private static final double LIGHT = 0.08;

    private final List<Container> fields;
    private final double[] room;
    /** What lies on each. */
    private final double[] load;

    private final double all;
    private final int[] used;
    private final int[] closable;

    /** @param room of each, as {@link #room} has it */
    UsedStock(List<Container> fields, double[] room, Layout layout) {
        this.fields = fields;
        this.room = room;
        load = new double[room.length];
        var isUsed = new boolean[room.length];
        var sum = 0.0;
        for (var i = 0; i < layout.items.size(); i++) {
            var area = layout.items.get(i).plain().area;
            load[layout.field[i]] += area;
            isUsed[layout.field[i]] = true;
            sum += area;
        }
        all = sum;
        used = IntStream.range(0, room.length).filter(on -> isUsed[on]).toArray();
        closable = closable(FULL);
    }

    /** How much can be cut of each, in mm². */
    static double[] room(List<Container> fields) {
        return fields.stream()
                .mapToDouble(field -> Planar.areaLeft(field.stock.shape()))
                .toArray();
    }

    /** Those without which all covers no more than such a share of the others. */
    private int[] closable(double share) {
        return used.length < 2
                ? new int[0]
                : IntStream.of(used)
                        .filter(on -> all <= share * (open() - room[on]))
                        .toArray();
    }

    private double open() {
        return IntStream.of(used).mapToDouble(on -> room[on]).sum();
    }

    /** What share of its room is covered. */
    double load(int on) {
        return load[on] / room[on];
    }

    boolean isSeveral() {
        return used.length > 1;
    }

    boolean canClose() {
        return closable.length > 0;
    }

    /** Whether one of them has little on it, which goes at once or not at all. */
    boolean isLight() {
        return IntStream.of(closable).anyMatch(on -> load[on] < LIGHT * room[on]);
    }

    boolean isLikelyToClose() {
        return isLight() || closable(LIKELY).length > 0;
    }

    /** Of those that could go, the one with least on it. */
    int leastNeeded() {
        var least = closable[0];
        for (var on : closable) if (load[on] < load[least]) least = on;
        return least;
    }

    int anyToClose(RandomGenerator random) {
        return closable[random.nextInt(closable.length)];
    }

    /**
     * A stock that is used, and one that is not and costs less.
     *
     * @param used the number of its field
     */
    record Exchange(int used, int cheaper) {}

    /** Those after which there is room. */
    List<Exchange> exchanges() {
        return IntStream.range(0, fields.size())
                .filter(on -> IntStream.of(used).noneMatch(open -> open == on))
                .boxed()
                .flatMap(other -> IntStream.of(used)
                        .filter(on -> cost(other) < cost(on) && all <= FULL * (open() - room[on] + room[other]))
                        .mapToObj(on -> new Exchange(on, other)))
                .toList();
    }

    private double cost(int on) {
        return fields.get(on).stock.cost();
    }
}
