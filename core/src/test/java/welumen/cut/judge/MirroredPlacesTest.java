package welumen.cut.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.hide.DrawnHide;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Pose;
import welumen.shape.Shape;

class MirroredPlacesTest {
    private static CutPiece facing(String id, String pair) {
        return new CutPiece(
                id, new Shape(Outline.rectangle(400, 300)), 1, "", new Turns.Free(), false, 4, new Stretch.Any(), pair);
    }

    private static Stock hide(String id) {
        return new Stock.Hide(id, "", new Shape(DrawnHide.usual(4.8e6)), 1, List.of(), new Stretch.Any(), 1);
    }

    private static List<String> apart(Stock other, Pose pose) {
        var problem = new CutProblem(
                3,
                List.of(facing("left", "right"), facing("right", "left")),
                Stream.of(hide("h1"), other).distinct().toList(),
                List.of());
        var placements = List.of(
                new Placement("left", 1, "h1", new Pose(150, 600, 20, false)),
                new Placement("right", 1, other.id(), pose));
        var plan = new CutPlan(placements, List.of(), SheetUses.of(problem, placements), 1);
        return MirroredPlaces.apart(problem, plan).stream()
                .map(MirroredPlaces.Apart::why)
                .toList();
    }

    @Test
    void aPairThatDoesNotComeFromMirroredPlacesIsNamedOnceWithItsReason() {
        assertThat(apart(hide("h2"), new Pose(-150, 600, -20, false))).containsExactly("they lie on h1 and h2");
        assertThat(apart(hide("h1"), new Pose(-150, 1400, -20, false)))
                .containsExactly("both are on h1, but not opposite each other about its backbone");
        assertThat(apart(hide("h1"), new Pose(-150, 600, -20, false))).isEmpty();
    }

    @Test
    void onARollThereAreNoSuchPlaces() {
        assertThat(apart(new Stock.Roll("r", "", 1400, 5000, 1, 0, 0), new Pose(0, 0, 0, false)))
                .isEmpty();
    }
}
