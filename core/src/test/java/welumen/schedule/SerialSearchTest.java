package welumen.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.schedule.judge.ScheduleCheck;
import welumen.schedule.serial.EnergyBound;
import welumen.schedule.serial.SerialSearch;

class SerialSearchTest {
    private static final BooleanSupplier NEVER = () -> false;

    /** Five hundred problems in all, with hours of their own in every second one. */
    @ParameterizedTest
    @ValueSource(longs = {0, 100, 200, 300, 400})
    void everyPlanIsValidAndEndsNoEarlierThanItsBound(long from) {
        for (var seed = from; seed < from + 100; seed++) {
            var problem = AnyProblem.of(seed, 6 + (int) (seed % 40), seed % 2 == 0);
            var net = new Net(problem);
            var starts = new SerialSearch(net, new Bound(0, 0)).best(Optional.empty(), 1, 4, _ -> {}, NEVER);
            var schedule = net.schedule(starts, 0, 0);
            assertThat(ScheduleCheck.faults(problem, schedule.bookings()))
                    .as("problem %d", seed)
                    .isEmpty();
            assertThat(EnergyBound.of(net, net.seconds(schedule.end()), NEVER))
                    .as("bound of problem %d", seed)
                    .isLessThanOrEqualTo(net.seconds(schedule.end()));
            assertThat(new SerialSearch(net, new Bound(0, 0)).best(Optional.empty(), 1, 4, _ -> {}, NEVER))
                    .isEqualTo(starts);
        }
    }
}
