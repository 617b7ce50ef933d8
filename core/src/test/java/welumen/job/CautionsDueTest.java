package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.care.CareChange.CautionSeen;
import welumen.care.Caution;
import welumen.intake.FeatureLook;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.WithCare;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.line.Shorthand;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.treatment.HandlingPlan;

class CautionsDueTest {
    private static final Part CLOCK_PANEL = new Part(
            new PartId("clock-panel"),
            "clock panel",
            PartKind.VENT,
            Side.MIDDLE,
            Spot.DASH,
            "moulded plastic",
            Supply.NO_LONGER_MADE);
    private static final Part COVER_STRIP = new Part(
                    new PartId("cover-strip"),
                    "cover strip",
                    PartKind.RAIL,
                    Side.MIDDLE,
                    Spot.DASH,
                    "",
                    Supply.NOT_KNOWN)
            .onlyWhere("a strip over the screws");

    private static Job job() {
        return Job.EMPTY
                .after(new InCabin(new PartsListed(Saloon.cabin().parts())))
                .after(new InCabin(new PartsListed(List.of(CLOCK_PANEL, COVER_STRIP))));
    }

    private static Part one(PartId part) {
        return Saloon.cabin().one(part);
    }

    private static List<Caution> at(WorkStage stage, Job job, Part part) {
        return CautionsDue.at(stage, job, part).stream()
                .map(CautionSeen::caution)
                .toList();
    }

    private static Job off(Job job, PartId part, String line) {
        return job.after(new AtStrip(new StepLogged(Shorthand.read(line, part, job.cabin(), job.strip())
                .step(job.strip().nextStep(), List.of()))));
    }

    private static Job found(Job job, FindingKind kind) {
        return job.after(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), Saloon.CARPET, kind, new Point(1, 1), 30, Severity.BAD, ""))));
    }

    @Test
    void eachStageCautionsOfItsOwnWork() {
        var job = job();
        assertThat(at(WorkStage.STRIP, job, one(Saloon.SEAT)))
                .containsExactly(Caution.SEATS_AND_BELTS, Caution.LIFTING);
        assertThat(at(WorkStage.REFIT, off(job, Saloon.SEAT, "off"), one(Saloon.SEAT)))
                .containsExactly(Caution.SEATS_AND_BELTS);
        assertThat(at(WorkStage.SURVEY, found(job, FindingKind.MOULD), one(Saloon.CARPET)))
                .containsExactly(Caution.MOULD);
        assertThat(at(WorkStage.SURVEY, found(job, FindingKind.SCUFF), one(Saloon.CARPET)))
                .isEmpty();
        assertThat(at(WorkStage.DIARY, job, one(Saloon.SEAT))).isEmpty();
    }

    @Test
    void airbagsCautionWhereTheyAre() {
        var job = job().after(new AtIntake(new FeatureLookedAt(new FeatureLook(FeatureLook.AIRBAGS, true, ""))));
        assertThat(at(WorkStage.STRIP, job, one(Saloon.SEAT)))
                .containsExactly(Caution.AIRBAGS, Caution.AIRBAG_UNITS, Caution.SEATS_AND_BELTS, Caution.LIFTING);
        assertThat(at(WorkStage.REFIT, off(job, Saloon.SEAT, "off"), one(Saloon.SEAT)))
                .containsExactly(Caution.SEATS_AND_BELTS, Caution.DEPLOYMENT);
        assertThat(at(WorkStage.STRIP, job, one(Saloon.CARPET))).containsExactly(Caution.OLD_LININGS);
    }

    /** Vapour and hot tools belong to glue, coming off and going back; once seen, they are silent. */
    @Test
    void glueCautionsOfVapour() {
        var job = off(job(), Saloon.CARPET, "1 glue, off");
        assertThat(at(WorkStage.REFIT, job, one(Saloon.CARPET))).containsExactly(Caution.FUMES, Caution.HOT_TOOLS);
        var seen = job.after(new WithCare(new CautionSeen(Caution.FUMES, "glue on")));
        assertThat(at(WorkStage.REFIT, seen, one(Saloon.CARPET))).containsExactly(Caution.HOT_TOOLS);
    }

    @Test
    void whatCannotBeHadAgainWaitsForItsPlan() {
        var job = job();
        assertThat(at(WorkStage.STRIP, job, CLOCK_PANEL)).containsExactly(Caution.IRREPLACEABLE);
        assertThat(objection(job, "2 clips, loose")).isEmpty();
        assertThat(objection(job, "2 clips, off")).contains("read its plan above and press F4");
        assertThat(HandlingPlan.of(CLOCK_PANEL, job.strip()))
                .anyMatch(measure -> measure.startsWith("Plastic: warm it"))
                .anyMatch(measure -> measure.contains("5 to 20 hours"))
                .anyMatch(measure -> measure.contains("No fixing of it is known"));
        var read = job.after(new WithCare(new CautionSeen(Caution.IRREPLACEABLE, CLOCK_PANEL.name())));
        assertThat(objection(read, "2 clips, off")).isEmpty();
        assertThat(HandlingPlan.of(
                        CLOCK_PANEL,
                        off(read, CLOCK_PANEL.id(), "2 clips, loose").strip()))
                .anyMatch(measure -> measure.contains("Touched 1 times"));
    }

    /** Not knowing which version it is, is a question, and forcing either may break the part. */
    @Test
    void anUnknownVersionComesBeforeThePlan() {
        var job = job().after(new AtStrip(
                        new StripRuleNoted(new StripRule(CLOCK_PANEL.id(), StripReason.COVERED_BY, COVER_STRIP.id()))))
                .after(new WithCare(new CautionSeen(Caution.IRREPLACEABLE, CLOCK_PANEL.name())));
        assertThat(objection(job, "off")).contains("a strip over the screws", "the cover strip comes off before");
        var looked = job.after(new AtIntake(new FeatureLookedAt(new FeatureLook("a strip over the screws", true, ""))));
        assertThat(objection(looked, "off")).isEmpty();
    }

    private static String objection(Job job, String line) {
        var reading = Shorthand.read(line, CLOCK_PANEL.id(), job.cabin(), job.strip());
        return StepLogging.objection(job, reading, Instant.EPOCH).orElse("");
    }
}
