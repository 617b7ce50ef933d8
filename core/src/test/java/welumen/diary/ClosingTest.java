package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.diary.book.DiaryChange.LookPassed;
import welumen.diary.book.DiaryChange.TaskAdded;
import welumen.diary.book.HandTask;
import welumen.diary.book.Look;
import welumen.diary.task.TaskKind;
import welumen.job.Job;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InDiary;
import welumen.schedule.Effort;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.line.Shorthand;

/** A carpet over an underlay over a floor: what goes in buries what nobody has looked at. */
class ClosingTest {
    private static final PartId CARPET = new PartId("carpet");
    private static final PartId UNDERLAY = new PartId("underlay");
    private static final PartId FLOOR = new PartId("floor");

    private Job job = Job.EMPTY
            .after(new InCabin(new PartsListed(List.of(
                    part(CARPET, PartKind.CARPET), part(UNDERLAY, PartKind.UNDERLAY), part(FLOOR, PartKind.SHELL)))))
            .after(new AtStrip(new StripRuleNoted(rule(UNDERLAY, CARPET))))
            .after(new AtStrip(new StripRuleNoted(rule(FLOOR, UNDERLAY))));

    private static Part part(PartId id, PartKind kind) {
        return new Part(id, id.value(), kind, Side.LEFT, Spot.FLOOR_FRONT_LEFT, "", Supply.NOT_KNOWN);
    }

    private static StripRule rule(PartId part, PartId by) {
        return new StripRule(part, StripReason.COVERED_BY, by);
    }

    private void off(PartId... parts) {
        for (var part : parts)
            job = job.after(new AtStrip(new StepLogged(Shorthand.read("off", part, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
    }

    /** Now nothing comes off to look at the floor; once the underlay is in it does, and its glue is lost. */
    @Test
    void anUnderlayBuriesTheFloor() {
        off(CARPET, UNDERLAY);
        var line = Closing.of(job.standing(), UNDERLAY).buried().getFirst();

        assertThat(line.part()).isEqualTo(FLOOR);
        assertThat(line.now().work()).isEqualTo(Duration.ZERO);
        assertThat(line.then().work()).isGreaterThan(Duration.ofMinutes(10));
        assertThat(line.then().lost()).containsExactly("the bond of its glue");
    }

    @Test
    void whatWasPassedIsBuriedByNobody() {
        off(CARPET, UNDERLAY);
        job = job.after(
                new InDiary(new LookPassed(FLOOR, new Look(Set.of(Look.Way.PROBE), "Ada", LocalDate.of(2026, 4, 20)))));

        assertThat(Closing.of(job.standing(), UNDERLAY).buried()).isEmpty();
        assertThat(job.diary().looks().get(FLOOR).by()).isEqualTo("Ada");
    }

    /** Something is still to be done to the floor: the underlay would close it. */
    @Test
    void anOpenTaskWantsTheOpening() {
        off(CARPET, UNDERLAY);
        job = job.after(new InDiary(new TaskAdded(new HandTask(
                "own:1",
                TaskKind.TREAT,
                "grommets",
                Effort.ofHours(1, 1, 1),
                1,
                List.of(FLOOR),
                List.of(),
                List.of()))));

        assertThat(Closing.of(job.standing(), UNDERLAY).open())
                .extracting(Closing.Line::what)
                .containsExactly("grommets");
        assertThat(Closing.of(job.standing(), CARPET).open())
                .as("the underlay is out: the carpet waits for it anyway")
                .extracting(Closing.Line::what)
                .containsExactly("grommets");
    }

    /** The floor is bare: to look now costs nothing, later all that is out. */
    @Test
    void goingDeeperIsCheapestNow() {
        off(CARPET, UNDERLAY);
        var line = Closing.deeper(job.standing(), FLOOR);

        assertThat(line.now().work()).isEqualTo(Duration.ZERO);
        assertThat(line.then().work()).isGreaterThan(Duration.ofMinutes(50));
    }
}
