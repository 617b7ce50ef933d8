package welumen.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.schedule.judge.ScheduleCheck;
import welumen.schedule.planner.Planner;

class PlannerTest {
    private static final Duration A_WHILE = Duration.ofSeconds(4);

    private static Schedule plan(ScheduleProblem problem) {
        return Planner.plan(problem, A_WHILE, 1, _ -> {}, () -> false);
    }

    private static ScheduleProblem problem(List<Resource> resources, Activity... activities) {
        return new ScheduleProblem(
                AnyProblem.MONDAY, Optional.empty(), AnyProblem.EIGHT_TO_FOUR, resources, List.of(activities));
    }

    private static Activity task(String id, double hours, Map<String, Integer> uses, Link... after) {
        return new Activity(id, Effort.ofHours(hours, hours, hours), uses, List.of(after));
    }

    /** Glue cures at night and over a weekend; work does not go on then. */
    @Test
    void aCureRunsOnTheWallsClock() {
        var cure = new Link("glue", Duration.ofHours(24), Link.By.WALL);
        var schedule = plan(problem(
                List.of(),
                task("cut", 31, Map.of()),
                task("glue", 1.5, Map.of(), Link.after("cut")),
                task("fit", 1, Map.of(), cure)));
        // 32.5 h of work are over on Friday at 8:30; a day on is a Saturday
        assertThat(schedule.bookings().get(1).end()).isEqualTo(LocalDateTime.of(2026, 3, 6, 8, 30));
        assertThat(schedule.bookings().get(2).start()).isEqualTo(LocalDateTime.of(2026, 3, 9, 8, 0));
        assertThat(schedule.isOptimal()).isTrue();
    }

    @Test
    void whatWaitsByWorkWaitsForOpenHours() {
        var wait = new Link("glue", Duration.ofHours(10), Link.By.WORK);
        var schedule = plan(problem(List.of(), task("glue", 1, Map.of()), task("fit", 1, Map.of(), wait)));
        assertThat(schedule.bookings().get(1).start()).isEqualTo(LocalDateTime.of(2026, 3, 3, 11, 0));
    }

    /** Each within the bound that it claims, whole days of some being closed; every plan on the way is valid. */
    @Test
    void plansAreValidAndProven() {
        for (var seed = 1; seed <= 4; seed++) {
            var problem = AnyProblem.of(seed, 24, seed % 2 == 0);
            var better = new ArrayList<Schedule>();
            var schedule = Planner.plan(problem, A_WHILE, 1, better::add, () -> false);
            assertThat(ScheduleCheck.faults(problem, schedule.bookings())).isEmpty();
            assertThat(better)
                    .allSatisfy(each -> assertThat(ScheduleCheck.faults(problem, each.bookings()))
                            .isEmpty());
            assertThat(schedule.bound()).isBeforeOrEqualTo(schedule.end());
            assertThat(better.getFirst().end()).isAfterOrEqualTo(schedule.end());
        }
    }

    /** Six alike on one machine, of which two make way for two others: counted out, 7 h are the least. */
    @Test
    void aSmallOneIsAsGoodAsCanBe() {
        var all = new ArrayList<Activity>();
        for (var i = 0; i < 6; i++) all.add(task("sew" + i, 1, Map.of("sewing", 1)));
        all.add(task("cut", 1, Map.of("hands", 1)));
        all.add(task("trim", 1, Map.of("sewing", 1), Link.after("cut")));
        var schedule = plan(
                problem(List.of(new Resource("sewing", 1), new Resource("hands", 1)), all.toArray(Activity[]::new)));
        assertThat(schedule.end()).isEqualTo(LocalDateTime.of(2026, 3, 2, 15, 0));
        assertThat(schedule.isOptimal()).isTrue();
    }

    @Test
    void whatCanNeverBeDoneIsNamed() {
        assertThatThrownBy(() -> problem(
                        List.of(), task("a", 1, Map.of(), Link.after("b")), task("b", 1, Map.of(), Link.after("a"))))
                .hasMessage("These wait for one another: a, b.");
        assertThatThrownBy(() -> problem(List.of(new Resource("car", 2)), task("a", 1, Map.of("car", 3))))
                .hasMessage("“a” uses 3 of “car”, of which there are 2.");
        assertThatThrownBy(() -> plan(problem(List.of(), task("a", 1e6, Map.of()))))
                .hasMessage("That is more than ten years of work.");
    }

    /** The check is no friend of the planner: each kind of fault is seen. */
    @Test
    void theCheckSeesWhatIsWrong() {
        var problem = problem(
                List.of(new Resource("hands", 1)),
                task("a", 2, Map.of("hands", 1)),
                task("b", 1, Map.of("hands", 1), new Link("a", Duration.ofHours(1), Link.By.WALL)));
        assertThat(faults(problem, "08:00", "10:00", "11:00", "12:00")).isEmpty();
        assertThat(faults(problem, "08:00", "10:00", "10:30", "11:30")).contains("“b” starts too soon after “a”");
        assertThat(faults(problem, "08:00", "10:15", "12:00", "13:00")).hasSize(1);
        assertThat(faults(problem, "08:05", "10:05", "12:00", "13:00")).hasSize(1);
        assertThat(faults(problem, "07:00", "09:00", "12:00", "13:00")).contains("“a” starts at a closed hour");
        assertThat(faults(problem, "08:00", "10:00", "09:00", "10:00"))
                .anyMatch(fault -> fault.startsWith("2 of hands"));
        assertThat(ScheduleCheck.faults(problem, List.of())).hasSize(2);
    }

    private static List<String> faults(ScheduleProblem problem, String... times) {
        var day = AnyProblem.MONDAY + "T";
        return ScheduleCheck.faults(
                problem,
                List.of(
                        new Booking("a", LocalDateTime.parse(day + times[0]), LocalDateTime.parse(day + times[1])),
                        new Booking("b", LocalDateTime.parse(day + times[2]), LocalDateTime.parse(day + times[3]))));
    }
}
