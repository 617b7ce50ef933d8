package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.job.WorkStage;

/** One comes back to where one stood, and what was written of that by another hand does no harm. */
class StandpointsTest {
    private static final UUID CAR = new UUID(0, 7);

    @TempDir
    Path home;

    @Test
    void whatIsWrittenReadsBack() {
        var stood = new Standpoints();
        stood.turnedTo(CAR);
        stood.personIs("Ada");
        stood.stoodAt(CAR, WorkStage.CUT);
        stood.picked(CAR, new PartId("dash"));
        stood.turnedLeaf(CAR, WorkStage.CUT, "hides");
        var read = Standpoints.read(stood.settings());
        assertThat(read.settings()).isEqualTo(stood.settings());
        assertThat(read.last()).contains(CAR);
        assertThat(read.person()).contains("Ada");
        assertThat(read.leaf(CAR, WorkStage.CUT)).contains("hides");
        assertThat(read.leaf(CAR, WorkStage.STRIP)).isEmpty();
    }

    @Test
    void whatCannotBeUnderstoodIsLeftOut() {
        var read = Standpoints.read(Map.of(
                "last",
                "no car",
                CAR + " stage",
                "PAINTING",
                CAR + " leaf",
                "hides",
                CAR + " shoe",
                "brown",
                "nonsense",
                "",
                CAR + " part",
                "dash"));
        assertThat(read.last()).isEmpty();
        assertThat(read.stage(CAR)).isEmpty();
        assertThat(read.part(CAR)).contains(new PartId("dash"));
    }

    /** A view that hears of the place hears once of another car, when all of it has turned. */
    @Test
    void theMiddleTurnsOnceToAnotherCar() {
        try (var demo = new OpenDemo(home)) {
            var model = demo.model;
            var here = model.openedProperty().get();
            model.stageProperty().set(WorkStage.CUT);
            var other = demo.car(here.equals(demo.car(1)) ? 2 : 1);
            var heard = new ArrayList<Middle>();
            model.placeProperty().addListener((_, _, now) -> heard.add(now));
            model.open(other);
            assertThat(heard)
                    .singleElement()
                    .satisfies(middle -> assertThat(middle.car()).isEqualTo(other.job()));
            model.open(here);
            assertThat(model.stageProperty().get()).isEqualTo(WorkStage.CUT);
        }
    }
}
