package welumen.pattern.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import welumen.measure.Parsed.Refused;
import welumen.pattern.Pieces;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;

class MovedTest {
    private static Piece panel() {
        var hole = new Outline(List.of(new Point(100, 100), new Point(140, 100), new Point(120, 140)));
        return Pieces.of("panel", new Point(0, 0), new Point(400, 30), new Point(380, 310), new Point(20, 260))
                .with(new Grain.NapToward(80))
                .with(Inside.holes(List.of(hole))
                        .with(new Piercing(
                                "screw", Piercing.Kind.SLIT, new Point(200, 60), 24, 15, Piercing.Made.IN_THE_CAR))
                        .with(new KeepOut("lever", hole))
                        .with(new Surface.Fluted(40, 85, 1.1)));
    }

    @Property(tries = 40)
    void thereAndBackIsAsBefore(
            @ForAll @DoubleRange(min = -500, max = 500) double x, @ForAll @DoubleRange(max = 359) double turn) {
        var pose = new Pose(x, 70, turn, false);
        var moved = Moved.by(panel(), pose);
        assertThat(moved.net().area()).isCloseTo(panel().net().area(), within(1e-6));
        for (var edge = 0; edge < 4; edge++)
            assertThat(moved.lengthMm(edge)).isCloseTo(panel().lengthMm(edge), within(1e-9));
        var back = new Pose(0, 0, -turn, false);
        var shift = back.apply(new Point(x, 70)).times(-1);
        var again = Moved.by(moved, back.at(shift.x(), shift.y()));
        assertThat(again.run(0).getFirst().to(new Point(0, 0))).isLessThan(1e-9);
        assertThat(again.inside().piercings().getFirst().at().to(new Point(200, 60)))
                .isLessThan(1e-9);
        assertThat(again.inside().keepOuts().getFirst().room().area()).isCloseTo(800, within(1e-6));
        assertThat(Math.IEEEremainder(again.grain().way().getAsDouble() - 80, 360))
                .isCloseTo(0, within(1e-6));
    }

    /** What lies in a piece is mirrored with it, the nap toward the same end of the car. */
    @Test
    void whatLiesInItIsMirroredToo() {
        var mirrored = Mirrored.of(panel(), Pieces.SEAT, "other");
        assertThat(mirrored.inside().piercings().getFirst().at()).isEqualTo(new Point(-200, 60));
        assertThat(mirrored.inside().piercings().getFirst().degrees()).isEqualTo(165);
        assertThat(mirrored.grain()).isEqualTo(new Grain.NapToward(100));
        assertThat(mirrored.inside().surface()).isEqualTo(new Surface.Fluted(40, 95, 1.1));
        assertThat(Mirrored.of(mirrored, Pieces.SEAT, "panel")).isEqualTo(panel());
        assertThat(mirrored.face().turned()).isEqualTo(Face.DOWN);
    }

    @Test
    void foldsTurnWithTheirPiece() {
        var pleats = panel().with(panel().inside().with(new Surface.Pleated(40, 30, 15)));
        assertThat(Mirrored.of(pleats, Pieces.SEAT, "other").inside().surface())
                .isEqualTo(new Surface.Pleated(40, 150, 15));
        assertThat(Moved.by(pleats, new Pose(5, 7, 25, false)).inside().surface())
                .isEqualTo(new Surface.Pleated(40, 55, 15));
    }

    @Test
    void rowsOfHolesTurnWithTheirPiece() {
        var holes = panel().with(panel().inside().with(new Surface.Perforated(9, 2, 30)));
        assertThat(Mirrored.of(holes, Pieces.SEAT, "other").inside().surface())
                .isEqualTo(new Surface.Perforated(9, 2, 150));
        assertThat(Moved.by(holes, new Pose(5, 7, 25, false)).inside().surface())
                .isEqualTo(new Surface.Perforated(9, 2, 55));
    }

    @Test
    void aPieceIsNotTurnedOverByMovingIt() {
        assertThatThrownBy(() -> Moved.by(panel(), new Pose(0, 0, 0, true))).hasMessageContaining("turned over");
    }

    @Test
    void anEdgeIsMovedAlongItsNeighbours() {
        var wider = EdgeEdit.moved(Pieces.rectangle("p", 400, 300), 1, 25).orThrow();
        assertThat(wider.net().area()).isCloseTo(425 * 300, within(1e-9));
        var curved = EdgeCurve.bowed(Pieces.rectangle("p", 400, 300), 2, 30).orThrow();
        var higher = EdgeEdit.moved(curved, 2, 12).orThrow();
        assertThat(higher.net().area() - curved.net().area()).isCloseTo(400 * 12, within(1e-6));
        assertThat(higher.lengthMm(2)).isCloseTo(curved.lengthMm(2), within(1e-6));
        assertThat(EdgeEdit.moved(Pieces.rectangle("p", 400, 300), 1, -500)).isInstanceOf(Refused.class);
    }

    @Test
    void aNotchIsRawAndItsEdgeGoesOnBehindIt() {
        var notched = EdgeEdit.notched(Pieces.rectangle("p", 400, 300), 0, 150, 40, 25)
                .orThrow();
        assertThat(notched.edges()).hasSize(6);
        assertThat(notched.edges().get(1).finish()).isEqualTo(EdgeFinish.RAW);
        assertThat(notched.lengthMm(0)).isCloseTo(130, within(1e-9));
        assertThat(notched.lengthMm(1)).isCloseTo(90, within(1e-9));
        assertThat(notched.lengthMm(2)).isCloseTo(230, within(1e-9));
        assertThat(EdgeEdit.notched(Pieces.rectangle("p", 400, 300), 0, 10, 40, 25))
                .isInstanceOf(Refused.class);
        assertThat(EdgeEdit.notched(Pieces.rectangle("p", 400, 300), 0, 200, 40, 400))
                .isInstanceOf(Refused.class);
    }

    @Test
    void aNotchGoesAlongItsEdgeAsWideAndAsDeep() {
        var notched = EdgeEdit.notched(Pieces.rectangle("p", 400, 300), 0, 150, 40, 25)
                .orThrow();
        assertThat(NotchMove.isNotch(notched, 1)).isTrue();
        assertThat(NotchMove.isNotch(notched, 0)).isFalse();
        var farther = NotchMove.moved(notched, 1, 60).orThrow();
        assertThat(farther.lengthMm(0)).isCloseTo(190, within(1e-9));
        assertThat(farther.lengthMm(1)).isCloseTo(90, within(1e-9));
        assertThat(farther.lengthMm(2)).isCloseTo(170, within(1e-9));
        assertThat(NotchMove.middleMm(farther, 1)).isCloseTo(210, within(1e-9));
        assertThat(farther.net().area()).isCloseTo(notched.net().area(), within(1e-6));
        assertThat(NotchMove.moved(farther, 1, -60).orThrow().net()).isEqualTo(notched.net());
        assertThat(NotchMove.moved(notched, 1, 240)).isInstanceOf(Refused.class);
        assertThat(NotchMove.moved(notched, 1, -131)).isInstanceOf(Refused.class);
    }

    @Test
    void aSmoothEdgeKeepsItsCornersAndLosesItsWaver() {
        var wavering = new ArrayList<Point>();
        for (var i = 0; i < 40; i++)
            wavering.add(new Point(400 - 10 * i, 300 + 30 * Math.sin(Math.PI * i / 40) + i % 2));
        var piece = Pieces.rectangle("p", 400, 300);
        var edges = new ArrayList<>(piece.edges());
        edges.set(2, edges.get(2).along(wavering));
        var smooth = EdgeCurve.smoothed(piece.withEdges(edges), 2).orThrow();
        assertThat(smooth.lengthMm(2)).isLessThan(piece.withEdges(edges).lengthMm(2));
        assertThat(smooth.run(2).getFirst()).isEqualTo(new Point(400, 300));
        assertThat(smooth.run(2).getLast()).isEqualTo(new Point(0, 300));
        assertThat(smooth.net().box().maxY()).isCloseTo(330.5, within(1.0));
    }
}
