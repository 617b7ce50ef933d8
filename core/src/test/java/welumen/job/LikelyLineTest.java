package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;

/** What stands there to be confirmed, and that it is read as it is meant. */
class LikelyLineTest {
    private static final PartId RIGHT_SEAT = new PartId("right-front-seat");
    private static final PartId LEFT_SEAT = new PartId("left-front-seat");
    private static final PartId CARD = new PartId("left-front-door-card");
    private static final Job CAR = Job.EMPTY.after(new InCabin(new PartsListed(BodyParts.of(Body.SALOON, Side.RIGHT))));

    private static Job log(Job job, PartId part, String line) {
        var reading = Shorthand.read(line, part, job.cabin(), job.strip());
        return job.after(new AtStrip(new StepLogged(reading.step(job.strip().nextStep(), List.of()))));
    }

    private static List<LikelyLine> likely(Job job, PartId part) {
        return LikelyLine.of(job, job.cabin().one(part));
    }

    @Test
    void whatUsuallyHoldsAPartIsOfferedUntilItIsNoted() {
        var usual = likely(CAR, CARD).getFirst();
        assertThat(usual.because()).isEqualTo("usually");
        assertThat(usual.line()).startsWith("fixed through left front");
        var noted = TypedLine.read(usual.line(), CARD, CAR);
        assertThat(noted).isInstanceOf(TypedLine.Notes.class);
        var after = CAR.after(((TypedLine.Notes) noted).change());
        assertThat(likely(after, CARD)).doesNotContain(usual);
    }

    @Test
    void aPartComesOffAsItsFellowDid() {
        var job = log(CAR, RIGHT_SEAT, "4 bolts M8x25, bag 3, off");
        var line = likely(job, LEFT_SEAT).getFirst();
        assertThat(line).isEqualTo(new LikelyLine("4 bolts M8×25, bag 4", "as the right front seat"));
        assertThat(TypedLine.read(line.line(), LEFT_SEAT, job)).isInstanceOf(TypedLine.Says.class);
    }

    @Test
    void whatBrokeOnTheOtherSideIsWholeOnThisOne() {
        var job = log(CAR, RIGHT_SEAT, "3 bolts M8x25, 1 bolt M8x25 broken, bag 3, off");
        assertThat(likely(job, LEFT_SEAT).getFirst().line())
                .doesNotContain("broken")
                .contains("3 bolts", "1 bolt");
    }

    @Test
    void whatStillHoldsItComesFirst() {
        var held = TypedLine.read("held by 4 bolts M8x25", LEFT_SEAT, CAR);
        var job = CAR.after(((TypedLine.Notes) held).change());
        assertThat(likely(job, LEFT_SEAT).getFirst().line()).isEqualTo("4 bolts M8×25, bag 1");
    }

    /** What was noted of the fellow, mirrored; and read as it is meant. */
    @Test
    void whatTheFellowLapsAndGoesInBeforeIsOffered() {
        var right = new PartId("right-front-door-card");
        var job = CAR;
        for (var line : List.of("laps the right front door seal by 8 mm", "goes in before the right kick panel"))
            job = job.after(((TypedLine.Notes) TypedLine.read(line, right, job)).change());
        var offered = likely(job, CARD).stream()
                .filter(one -> one.because().equals("as the right front door card"))
                .map(LikelyLine::line)
                .toList();
        assertThat(offered).hasSize(2);
        assertThat(offered.getFirst()).startsWith("laps the left front door seal by 8");
        assertThat(offered.getLast()).startsWith("goes in before the left kick panel, which ");
        for (var line : offered) {
            var noted = TypedLine.read(line, CARD, job);
            assertThat(noted).as(line).isInstanceOf(TypedLine.Notes.class);
            job = job.after(((TypedLine.Notes) noted).change());
        }
        assertThat(likely(job, CARD)).extracting(LikelyLine::because).doesNotContain("as the right front door card");
    }

    @Test
    void ofAPartThatIsOffNothingIsOffered() {
        assertThat(likely(log(CAR, RIGHT_SEAT, "4 bolts M8x25, bag 3, off"), RIGHT_SEAT))
                .isEmpty();
    }
}
