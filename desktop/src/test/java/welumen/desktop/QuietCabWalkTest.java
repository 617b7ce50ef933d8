package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.handover.SafetyCheck;
import welumen.handover.Stop;
import welumen.job.JobChange.AtTreatment;
import welumen.job.WorkStage;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;

/** A quiet cab and a thicker floor, in a van: what the layers do to the carpet, what is closed over, and what comes later. */
class QuietCabWalkTest extends OwnCarWalk {
    QuietCabWalkTest() {
        super("1966", "Orlen Carter", "van");
    }

    @Test
    void theFloorGrowsAndTheRoofIsClosedInTime() {
        theOldCarpetIsNoPatternAnyMore();
        theRoofIsClosedOverAnUndoneTask();
        aLateSwitchLeavesItsPlugLabelled();
    }

    /** 2 + 16 mm crushed by 30 % are 13.2; four sharp hollows and two ridges make it (π − 8) × 13.2 = 64 mm shorter. */
    private void theOldCarpetIsNoPatternAnyMore() {
        bench.go(WorkStage.PATTERN);
        car.draw("left-front-carpet", "old floor 1400 x 900");
        bench.click("leaf-thickness");
        bench.typeAndEnter("bends", "4 sharp hollows, 2 ridges");
        bench.typeAndEnter("build-up-now", "2 + 16 crushed 30 %");
        assertThat(bench.text("thickness-answer")).contains("13.2 mm thicker").contains("64 mm shorter");
        bench.click("leaf-trials");
        bench.choose("trial-piece", car.piece("old floor").id());
        assertThat(bench.text("trials-answer")).contains("it is no pattern: it is to come 64 mm shorter");
        assertThat(car.job().toBeCut()).isEmpty();
        bench.click("leaf-thickness");
        bench.typeAndEnter("build-up-now", "2 + 10 crushed 30 %");
        assertThat(bench.text("thickness-answer")).contains("9 mm thicker").contains("44 mm shorter");
    }

    /** The lining of the roof is still to be cleaned: what goes in over it goes in only with a word. */
    private void theRoofIsClosedOverAnUndoneTask() {
        var roof = new PartId(car.part("headlining"));
        var visor = car.part("left-visor");
        bench.go(WorkStage.STRIP);
        strip(visor, "laps the headlining by 20 mm");
        strip(visor, "2 screws no. 4, bag 1");
        strip(roof.value(), "off");
        bench.ask(() -> bench.model().make(new AtTreatment(new TreatmentChosen(roof, Treatment.CLEAN, ""))));
        bench.go(WorkStage.REFIT);
        bench.pick(roof.value());
        assertThat(bench.answer()).contains("still to be treated");
        bench.type("reason", "to keep the dust off");
        bench.click("put-back");
        assertThat(car.job().refit().isFitted(roof)).isTrue();
        bench.pick(visor);
        assertThat(bench.answer()).isEqualTo("Not yet: the headlining under it is not finished.");
        assertThat(car.job().signOff().canGoBack(new PartId(visor))).isFalse();
    }

    private void aLateSwitchLeavesItsPlugLabelled() {
        var lamp = car.part("dash-switches");
        bench.go(WorkStage.STRIP);
        strip(lamp, "1 plug");
        strip(lamp, "keep as a spare");
        bench.go(WorkStage.HANDOVER);
        var check = new SafetyCheck(new PartId(lamp), SafetyCheck.What.PLUG_LABELLED);
        assertThat(car.job().stops()).contains(new Stop.Unchecked(check));
        car.assertSays("its plug is labelled, insulated and tied back");
        bench.type("checked-by", "Corin");
        bench.click("check-" + lamp);
        assertThat(car.job().handover().checked()).containsEntry(check, "Corin");
        assertThat(car.job().stops()).doesNotContain(new Stop.Unchecked(check));
    }

    private void strip(String part, String line) {
        bench.pick(part);
        bench.typeAndEnter("line", line);
    }
}
