package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.Manned;
import welumen.diary.plan.NotToday;
import welumen.diary.plan.YardPlan;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.schedule.Booking;
import welumen.schedule.Effort;
import welumen.schedule.judge.ScheduleCheck;
import welumen.yard.Crew;
import welumen.yard.CrewChange.LimitsSaid;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.CrewChange.PlaceSaid;
import welumen.yard.Limits;
import welumen.yard.Person;
import welumen.yard.Place;
import welumen.yard.WorkingHours;
import welumen.yard.Yard;
import welumen.yard.YardChange.OfCrew;

/** A plan keeps to what the premises allow. */
class PremisesTest {
    private static final UUID CAR = new UUID(0, 7);
    private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 3, 2, 8, 0);
    private static final WorkingHours EVENING = new WorkingHours(
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), LocalTime.of(18, 0), LocalTime.of(20, 30));

    private static Task task(String id, TaskKind kind, double hours) {
        return new Task(
                id,
                kind,
                Optional.empty(),
                "the " + id,
                Effort.ofHours(hours, hours, hours),
                1,
                0,
                Optional.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                0);
    }

    private static Crew crew(Limits limits, WorkingHours... slots) {
        var spray = new Place("spray place", Place.Kind.SPRAY_PLACE, 1, 9, 0, 0, List.of(slots));
        return Yard.EMPTY
                .after(new OfCrew(new PersonSaid("", new Person("Ada"))))
                .after(new OfCrew(new PersonSaid("", new Person("Ivo"))))
                .after(new OfCrew(new PlaceSaid("", spray)))
                .after(new OfCrew(new LimitsSaid(limits)))
                .crew();
    }

    private static Manned planned(Crew crew, Task... tasks) {
        var work = new CarWork(CAR, "the saloon", Optional.of(LocalDate.of(2026, 3, 6)), List.of(tasks));
        var manned = new YardPlan(List.of(work), crew, MONDAY).plan(Duration.ZERO, _ -> {}, () -> false);
        assertThat(ScheduleCheck.faults(manned.problem(), manned.schedule().bookings()))
                .isEmpty();
        return manned;
    }

    private static Booking booking(Manned manned, String id) {
        return manned.schedule().bookings().stream()
                .filter(one -> one.id().endsWith("/" + id))
                .findFirst()
                .orElseThrow();
    }

    private static Limits loudUntil(int hour) {
        return new Limits(new Limits.Daily(LocalTime.of(7, 0), LocalTime.of(hour, 0)), Limits.Daily.ALWAYS, 20, 0);
    }

    /** The evening slot is outside anybody's hours: somebody stays, and what is loud ends before the neighbours' rest. */
    @Test
    void theSprayPlaceIsUsedInItsSlotAndSomebodyStays() {
        var manned = planned(
                crew(loudUntil(20), EVENING), task("dash", TaskKind.COLOUR, 2), task("top", TaskKind.COLOUR, 2));
        var one = booking(manned, "dash");
        var other = booking(manned, "top");

        for (var each : List.of(one, other)) {
            assertThat(each.start().toLocalTime()).isEqualTo(LocalTime.of(18, 0));
            assertThat(each.end().toLocalTime()).isEqualTo(LocalTime.of(20, 0));
            assertThat(manned.rota().of(each.id())).hasSize(1);
        }
        assertThat(one.start().toLocalDate()).isNotEqualTo(other.start().toLocalDate());
        assertThat(manned.rota().isAfterHours(task("dash", TaskKind.COLOUR, 2))).isTrue();
    }

    @Test
    void whatIsLoudStopsWhenItHasToAndWhatIsQuietGoesOn() {
        var crew = crew(loudUntil(10));
        assertThat(booking(planned(crew, task("board", TaskKind.BUILD, 3)), "board")
                        .end())
                .isEqualTo(
                        LocalDateTime.of(2026, 3, 3, 8 + 0, 0).plusHours(1)); // two hours today, seven to ten tomorrow
        assertThat(booking(planned(crew, task("card", TaskKind.DRAW, 3)), "card")
                        .end())
                .isEqualTo(MONDAY.plusHours(3));
    }

    /** A rest that begins before anybody comes leaves nothing to keep to: the work is planned all the same. */
    @Test
    void aLimitThatLeavesNothingIsSaidAndNotKept() {
        var crew = crew(loudUntil(8));
        assertThat(booking(planned(crew, task("board", TaskKind.BUILD, 3)), "board")
                        .end())
                .isEqualTo(MONDAY.plusHours(3));
        assertThat(new NotToday(crew).of(task("board", TaskKind.BUILD, 3), MONDAY, 0))
                .singleElement()
                .asString()
                .contains("it is loud");
    }

    @Test
    void theLinesCarryOnlySoMuchAtOnce() {
        var weak = new Limits(Limits.Daily.ALWAYS, Limits.Daily.ALWAYS, 20, 2.5);
        var one = task("board", TaskKind.BUILD, 3);
        var other = task("mat", TaskKind.LAY, 3);
        assertThat(planned(crew(weak), one, other).schedule().end()).isEqualTo(MONDAY.plusHours(6));
        assertThat(planned(crew(Limits.NONE), one, other).schedule().end()).isEqualTo(MONDAY.plusHours(3));
    }

    @Test
    void coldSunAndTableSpeakAgainstIt() {
        var limits = new Limits(Limits.Daily.ALWAYS, new Limits.Daily(LocalTime.of(11, 0), LocalTime.MIDNIGHT), 8, 0);
        var crew = Yard.EMPTY
                .after(new OfCrew(new LimitsSaid(limits)))
                .after(new OfCrew(
                        new PlaceSaid("", new Place("cutting table", Place.Kind.CUTTING_TABLE, 1, 1, 1800, 1200))))
                .crew();
        var no = new NotToday(crew);

        assertThat(no.of(task("mat", TaskKind.LAY, 1), MONDAY, 0))
                .containsExactly(
                        "it is 8 °C here, and below 10 °C glue, filler and colour are not worked",
                        "the sun is on the place; it is out of it only from 11:00 to 00:00");
        assertThat(no.of(task("cover", TaskKind.CUT, 1), MONDAY, 2300))
                .containsExactly(
                        "the largest hide is 2.30 m long and the cutting table 1.80 m: it hangs over, so cut it in two goes");
        assertThat(no.of(task("card", TaskKind.DRAW, 1), MONDAY, 2300)).isEmpty();
        assertThat(no.slower()).contains("At 8 °C all cures take 2.3 times as long as at 20 °C.");
    }
}
