package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.Fate;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.School;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.refit.CountedIn;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;
import welumen.strip.reach.OtherSide;

class HouseWayObjectionsTest {
    private static final PartId LEFT = new PartId("left-front-seat");
    private static final PartId RIGHT = new PartId("right-front-seat");

    private static Job car(School school) {
        return car().after(new AtIntake(new SchoolChosen(school)));
    }

    private static Job car(HouseWay... ways) {
        var job = Job.EMPTY.after(new InCabin(new PartsListed(BodyParts.of(Body.SALOON, Side.LEFT))));
        for (var way : ways) job = job.after(new AtIntake(new HouseWayChosen(way, true)));
        return job;
    }

    private static Job off(Job job, PartId part, String line) {
        return job.after(new AtStrip(new StepLogged(Shorthand.read(line, part, job.cabin(), job.strip())
                .step(job.strip().nextStep(), List.of()))));
    }

    @Test
    void oneSideStaysWholeUntilTheOtherIsBack() {
        var job = off(car(School.ONE_SIDE), RIGHT, "4 bolts, off");
        assertThat(HouseWayObjections.otherSide(job, LEFT))
                .hasValueSatisfying(why -> assertThat(why).startsWith("the right front seat is not back yet"));
        var back = job.after(new AtRefit(new PartPutBack(new PutBack(RIGHT, 4, ""))));
        assertThat(HouseWayObjections.otherSide(back, LEFT)).isEmpty();
        assertThat(HouseWayObjections.otherSide(off(car(), RIGHT, "off"), LEFT)).isEmpty();
        var cabin = new Cabin(BodyParts.of(Body.SALOON, Side.LEFT));
        assertThat(OtherSide.of(cabin, cabin.one(new PartId("console")))).isEmpty();
    }

    @Test
    void theOldPartIsThePatternUntilTheNewOneIsIn() {
        var note = new InCustody(new FateSaid(LEFT, Fate.THROW_AWAY, "agreed"));
        var job = off(car(HouseWay.KEEP_OLD_AS_PATTERN), LEFT, "off");
        assertThat(HouseWayObjections.to(job, note)).isPresent();
        assertThat(HouseWayObjections.to(off(car(), LEFT, "off"), note)).isEmpty();
        var fitted = job.after(new AtRefit(new PartPutBack(new PutBack(LEFT, 0, ""))));
        assertThat(HouseWayObjections.to(fitted, note)).isEmpty();
    }

    @Test
    void aClipReplacedByGlueWantsAReasonOrIsRefused() {
        var job = off(car(), LEFT, "3 clips, 1 clip broken, off");
        var glued = CountedIn.read("3 clips, 1 glue", 4).orThrow();
        assertThat(HouseWayObjections.substitutes(job, LEFT, glued, ""))
                .hasValueSatisfying(why -> assertThat(why).contains("glued edge"));
        assertThat(HouseWayObjections.substitutes(job, LEFT, glued, "no clip to be had"))
                .isEmpty();
        assertThat(HouseWayObjections.substitutes(
                        job, LEFT, CountedIn.read("4 clips", 4).orThrow(), ""))
                .isEmpty();
        var strict = off(car(School.RIGHT_CLIP), LEFT, "3 clips, 1 clip broken, off");
        assertThat(HouseWayObjections.substitutes(strict, LEFT, glued, "no clip to be had"))
                .hasValueSatisfying(why -> assertThat(why).contains("the right clip, found"));
    }
}
