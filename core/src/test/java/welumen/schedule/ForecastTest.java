package welumen.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.schedule.forecast.Forecast;
import welumen.schedule.forecast.Forecaster;
import welumen.schedule.planner.Planner;

/** Against what can be reckoned by hand. */
class ForecastTest {
    private static final int MANY = 20_000;

    private static Forecast of(Map<String, Double> fails, Activity... activities) {
        var problem = new ScheduleProblem(
                AnyProblem.MONDAY,
                Optional.empty(),
                AnyProblem.EIGHT_TO_FOUR,
                List.of(new Resource("hands", 1)),
                List.of(activities));
        var net = new Net(problem);
        var plan = Planner.plan(problem, Duration.ZERO, 1, _ -> {}, () -> false);
        return Forecaster.of(net, plan, fails, MANY, 7);
    }

    private static Activity task(String id, double low, double likely, double high, String... after) {
        return new Activity(
                id,
                Effort.ofHours(low, likely, high),
                Map.of("hands", 1),
                List.of(after).stream().map(Link::after).toList());
    }

    private static double hours(Forecast forecast, double share) {
        return Duration.between(AnyProblem.MONDAY.atTime(8, 0), forecast.all().by(share))
                        .toSeconds()
                / 3600.0;
    }

    /** A triangle from 1 over 2 to 5: half of it lies below 5 - sqrt(0.5 x 4 x 3), 80 % below 5 - sqrt(0.2 x 4 x 3). */
    @Test
    void oneActivityEndsAsItsTriangleSays() {
        var forecast = of(Map.of(), task("sew", 1, 2, 5));
        assertThat(hours(forecast, 0.5)).isCloseTo(5 - Math.sqrt(6), within(0.03));
        assertThat(hours(forecast, 0.8)).isCloseTo(5 - Math.sqrt(2.4), within(0.03));
        assertThat(forecast.critical()).containsEntry("sew", 1.0);
        assertThat(forecast.all().chanceOf(AnyProblem.MONDAY)).isEqualTo(1);
    }

    /** What takes exactly six hours is done on the first day by one of two alike, and both hold up the end. */
    @Test
    void whatSharesHandsWaitsForThem() {
        var forecast = of(Map.of(), task("cut", 6, 6, 6), task("sew", 6, 6, 6));
        assertThat(forecast.all().by(0.95))
                .isEqualTo(AnyProblem.MONDAY.plusDays(1).atTime(12, 0));
        assertThat(forecast.critical()).containsEntry("cut", 1.0).containsEntry("sew", 1.0);
        assertThat(forecast.all().chanceOf(AnyProblem.MONDAY)).isZero();
    }

    /** Of two one after the other, the second fails in a quarter of the runs, and is done once more. */
    @Test
    void whatFailsIsDoneOnceMore() {
        var forecast = of(Map.of("spray", 0.25), task("mask", 1, 1, 1), task("spray", 2, 2, 2, "mask"));
        assertThat(hours(forecast, 0.5)).isEqualTo(3);
        assertThat(hours(forecast, 0.95)).isEqualTo(5);
        var once = forecast.all().rising().stream()
                .filter(end -> end.equals(AnyProblem.MONDAY.atTime(11, 0)))
                .count();
        assertThat(once / (double) MANY).isCloseTo(0.75, within(0.012));
    }

    /** Two side by side without hands: the later one decides, each in half of the runs. */
    @Test
    void theLaterOfTwoDecides() {
        var one = new Activity("left", Effort.ofHours(1, 2, 3), Map.of(), List.of());
        var other = new Activity("right", Effort.ofHours(1, 2, 3), Map.of(), List.of());
        var forecast = of(Map.of(), one, other);
        // both within x in F(x) squared of all runs; F(2.4588) squared is 0.7312
        assertThat(hours(forecast, 0.7312)).isCloseTo(3 - Math.sqrt(2 * (1 - Math.sqrt(0.7312))), within(0.02));
        assertThat(forecast.critical().get("left")).isCloseTo(0.5, within(0.012));
    }

    @Test
    void theSameSeedGivesTheSame() {
        assertThat(of(Map.of(), task("a", 1, 2, 5), task("b", 1, 2, 9)))
                .isEqualTo(of(Map.of(), task("a", 1, 2, 5), task("b", 1, 2, 9)));
    }
}
