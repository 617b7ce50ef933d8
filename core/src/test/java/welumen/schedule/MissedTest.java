package welumen.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import welumen.schedule.judge.ScheduleCheck;
import welumen.schedule.planner.Planner;
import welumen.schedule.serial.SerialScheme;

/** Days that are to be kept, and what was told. */
class MissedTest {
    private static final Duration TIME = Duration.ofSeconds(4);

    @Test
    void missesAsLittleAsTheBestOfAllOrders() {
        for (var seed = 1; seed <= 12; seed++) {
            var problem = wanting(seed);
            var schedule = Planner.plan(problem, TIME, 1, _ -> {}, () -> false);

            assertThat(ScheduleCheck.faults(problem, schedule.bookings())).isEmpty();
            assertThat(schedule.missed()).isEqualTo(missed(problem, schedule));
            assertThat(schedule.missed()).as("seed %d", seed).isEqualTo(best(problem));
            assertThat(schedule.leastMissed()).isEqualTo(schedule.missed());
        }
    }

    @Test
    void whatWasToldStaysWhereItCan() {
        var problem = AnyProblem.of(7, 30, true);
        var told = Planner.plan(problem, TIME, 1, _ -> {}, () -> false);
        var wishes = told.bookings().stream()
                .map(booking -> new Wish(booking.id(), booking.start(), 0.05))
                .toList();

        var same = Planner.plan(problem.wishing(wishes), TIME, 2, _ -> {}, () -> false);
        var late = later(problem, told.bookings().get(3));
        var moved = Planner.plan(late.wishing(wishes), Optional.of(told), TIME, 1, _ -> {}, () -> false);
        var free = Planner.plan(late, TIME, 1, _ -> {}, () -> false);

        assertThat(same.bookings()).isEqualTo(told.bookings());
        assertThat(moved.bookings().stream().filter(told.bookings()::contains)).hasSizeGreaterThan((int)
                free.bookings().stream().filter(told.bookings()::contains).count());
    }

    /** All is far too late, and much was told: it is planned all the same, however far the days reach. */
    @Test
    void whatIsFarTooLateIsPlanned() {
        for (var seed = 1; seed <= 4; seed++) {
            var any = AnyProblem.of(seed, 24, true);
            var wishes = any.activities().stream()
                    .map(one -> new Wish(
                            one.id(),
                            AnyProblem.MONDAY.plusDays(one.id().length()).atTime(9, 0),
                            0.05))
                    .toList();
            var problem = new ScheduleProblem(
                    any.start(),
                    any.due(),
                    any.hours(),
                    any.resources(),
                    any.activities(),
                    List.of(new Goal("t20", AnyProblem.MONDAY.atStartOfDay(), 3)),
                    wishes);
            var schedule = Planner.plan(problem, TIME, 1, _ -> {}, () -> false);
            assertThat(ScheduleCheck.faults(problem, schedule.bookings())).isEmpty();
            assertThat(schedule.leastMissed()).isPositive();
        }
    }

    private static ScheduleProblem later(ScheduleProblem problem, Booking booking) {
        var all = new ArrayList<Activity>();
        for (var one : problem.activities())
            all.add(
                    one.id().equals(booking.id())
                            ? new Activity(
                                    one.id(),
                                    one.effort(),
                                    one.uses(),
                                    one.after(),
                                    Optional.of(booking.start().plusDays(1)))
                            : one);
        return problem.with(all);
    }

    /** Seven tasks, three of which have a day, and one of which was told. */
    private static ScheduleProblem wanting(int seed) {
        var problem = AnyProblem.of(seed, 7, false);
        var random = new Random(seed);
        var goals = new ArrayList<Goal>();
        for (var i = 4; i < 7; i++)
            goals.add(new Goal(
                    "t" + i, AnyProblem.MONDAY.plusDays(random.nextInt(3)).atStartOfDay(), 1 + random.nextInt(3)));
        return new ScheduleProblem(
                problem.start(),
                problem.due(),
                problem.hours(),
                problem.resources(),
                problem.activities(),
                goals,
                List.of(new Wish("t2", AnyProblem.MONDAY.plusDays(1).atTime(10, 0), 0.5)));
    }

    /** Serial schedules of all orders hold one that misses the least. */
    private static Duration best(ScheduleProblem problem) {
        var net = new Net(problem);
        var least = new long[] {Long.MAX_VALUE};
        orders(net, new ArrayList<>(), order -> {
            var starts = new SerialScheme(net).early(net.likely(), order);
            least[0] = Math.min(
                    least[0], missed(problem, net.schedule(starts, 0, 0)).toSeconds());
        });
        return Duration.ofSeconds(least[0]);
    }

    private interface Tried {
        void order(int[] order);
    }

    private static void orders(Net net, List<Integer> begun, Tried tried) {
        if (begun.size() == net.size()) {
            tried.order(begun.stream().mapToInt(i -> i).toArray());
            return;
        }
        for (var i = 0; i < net.size(); i++) {
            if (begun.contains(i) || !net.into(i).stream().allMatch(arc -> begun.contains(arc.before()))) continue;
            begun.add(i);
            orders(net, begun, tried);
            begun.removeLast();
        }
    }

    /** By the calendar, minute by minute. */
    private static Duration missed(ScheduleProblem problem, Schedule schedule) {
        var at = new HashMap<String, Booking>();
        for (var booking : schedule.bookings()) at.put(booking.id(), booking);
        var seconds = 0.0;
        for (var goal : problem.goals())
            seconds += goal.weight()
                    * open(problem.hours(), goal.due(), at.get(goal.last()).end());
        for (var wish : problem.wishes())
            seconds += wish.weight()
                    * open(problem.hours(), wish.start(), at.get(wish.id()).start());
        return Duration.ofSeconds((long) Math.ceil(seconds));
    }

    private static long open(OpenHours hours, LocalDateTime from, LocalDateTime to) {
        var minutes = 0L;
        for (var time = from; time.isBefore(to); time = time.plusMinutes(1)) {
            var opens = time.toLocalDate().atTime(hours.opens());
            if (hours.isOpenOn(time.toLocalDate()) && !time.isBefore(opens) && time.isBefore(opens.plus(hours.open())))
                minutes++;
        }
        return 60 * minutes;
    }
}
