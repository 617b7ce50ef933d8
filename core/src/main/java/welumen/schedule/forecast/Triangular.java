package welumen.schedule.forecast;

import java.util.random.RandomGenerator;
import welumen.schedule.Effort;

/** The triangular distribution over low, likely and high. */
final class Triangular {
    private Triangular() {}

    /** By inversion; to the second. */
    static int seconds(Effort effort, RandomGenerator random) {
        var low = effort.low().toSeconds();
        var mode = effort.likely().toSeconds();
        var high = effort.high().toSeconds();
        var width = (double) high - low;
        var chance = random.nextDouble();
        if (width == 0) return (int) low;
        return (int) Math.round(
                chance * width < mode - low
                        ? low + Math.sqrt(chance * width * (mode - low))
                        : high - Math.sqrt((1 - chance) * width * (high - mode)));
    }
}
