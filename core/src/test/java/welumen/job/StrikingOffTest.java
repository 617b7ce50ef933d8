package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.shape.Point;
import welumen.strip.Lap;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.line.Shorthand;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingCorrected;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.FindingStruck;

class StrikingOffTest {
    private static final PartId MIRROR = new PartId("mirror");
    private static final PartId SEAT = new PartId("left-front-seat");
    private static final PartId VISOR = new PartId("left-visor");

    private static Job car() {
        var job = Job.EMPTY;
        for (var change : TakingIn.known(Body.COUPE, Side.LEFT, List.of())) job = job.after(change);
        return job;
    }

    private static Job with(Job job, FindingKind kind) {
        return job.after(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), MIRROR, kind, new Point(10, 10), 20, Severity.PLAIN, ""))));
    }

    @Test
    void whatHangsOnAPartIsNamedAndGoesWithIt() {
        var job = with(car(), FindingKind.SCUFF)
                .after(new AtStrip(new LapNoted(new Lap(MIRROR, VISOR, 5, false))))
                .after(new AtStrip(new StripRuleNoted(new StripRule(SEAT, StripReason.FOULS, List.of(MIRROR, VISOR)))));
        assertThat(StrikingOff.objection(job, MIRROR)).isEmpty();
        assertThat(StrikingOff.hangs(job, MIRROR)).contains("one finding").anyMatch(words -> words.contains("rule"));
        for (var change : StrikingOff.changes(job, MIRROR)) job = job.after(change);
        assertThat(job.cabin().findOne(MIRROR)).isEmpty();
        assertThat(job.survey().findings()).isEmpty();
        assertThat(job.strip().laps()).isEmpty();
        assertThat(job.strip().rules())
                .as("what another part would free as well holds on")
                .contains(new StripRule(SEAT, StripReason.FOULS, VISOR))
                .noneMatch(rule -> rule.part().equals(MIRROR) || rule.byAnyOf().contains(MIRROR));
    }

    @Test
    void whatWasTakenOffWasThere() {
        var job = car();
        var line = Shorthand.read("2 screws, off", MIRROR, job.cabin(), job.strip());
        job = job.after(new AtStrip(new StepLogged(line.step(1, List.of()))));
        assertThat(StrikingOff.objection(job, MIRROR)).contains("Take them back");
        assertThat(StrikingOff.objection(job, SEAT)).as("its cover and foam").contains("come off with it");
    }

    /** A hold that a finding put by itself goes with it, unless another one stops work too. */
    @Test
    void aFindingIsPutRightAndStruckOutWithItsHold() {
        var job = with(with(car(), FindingKind.RUST_THROUGH), FindingKind.SCUFF);
        assertThat(job.survey().isHeld(MIRROR)).isTrue();
        var second = with(job, FindingKind.RUST_THROUGH).after(new AtSurvey(new FindingStruck(1)));
        assertThat(second.survey().isHeld(MIRROR)).isTrue();
        assertThat(job.after(new AtSurvey(new FindingStruck(1))).survey().isHeld(MIRROR))
                .isFalse();
        var right = job.after(new AtSurvey(new FindingCorrected(
                new Finding(1, MIRROR, FindingKind.STAIN, new Point(1, 1), 30, Severity.SLIGHT, "no rust"))));
        assertThat(right.survey().isHeld(MIRROR)).isFalse();
        assertThat(right.survey().findings())
                .extracting(Finding::number, Finding::kind)
                .containsExactly(tuple(1, FindingKind.STAIN), tuple(2, FindingKind.SCUFF));
    }
}
