package welumen.pattern.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.pattern.Lockstitch;
import welumen.pattern.Pieces;
import welumen.pattern.Seam.Side;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Moved;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;

class SewnLinesTest {
    private static Piece fluted(Piece piece, double wanted, double degrees, double takeUp) {
        return piece.with(piece.inside().with(new Surface.Fluted(wanted, degrees, takeUp)));
    }

    @Test
    void flutesAreAllOfOneWidthAndTheirLinesRunFromEdgeToEdge() {
        var piece = fluted(Pieces.rectangle("panel", 380, 470), 40, 90, 1.1);
        var lines = SewnLines.of(piece);
        assertThat(lines.count()).isEqualTo(10);
        assertThat(lines.widthMm()).isCloseTo(380 / 10.0, within(1e-9));
        assertThat(lines.rows()).hasSize(9);
        assertThat(lines.rows()).allMatch(row -> Math.abs(row.lengthMm() - 470) < 1e-6);
        assertThat(lines.rows().getFirst().from().x()).isCloseTo(380 / 10.0, within(1e-9));
        assertThat(lines.crossings()).isZero();
        assertThat(SewnLines.of(fluted(piece, 40, 0, 1.1)).count()).isEqualTo(12);
    }

    @Test
    void theBlankIsWiderAcrossTheFlutesAndAsLongAsBefore() {
        var piece = fluted(Pieces.rectangle("panel", 380, 470), 40, 90, 1.1);
        var blank = Blank.of(piece).box();
        assertThat(blank.width()).isCloseTo(400 * 1.1, within(1e-6));
        assertThat(blank.height()).isCloseTo(490, within(1e-6));
        assertThat(Blank.of(Pieces.rectangle("panel", 380, 470)).box().width()).isCloseTo(400, within(1e-6));
    }

    @Test
    void aHolePartsTheLinesAndARawEdgeLeavesThemOpen() {
        var hole = new Outline(Outline.rectangle(100, 100).corners().stream()
                .map(corner -> corner.plus(new Point(140, 200)))
                .toList());
        var piece = fluted(Pieces.rectangle("panel", 380, 470).with(Inside.holes(List.of(hole))), 40, 90, 1.1);
        assertThat(SewnLines.of(piece).rows()).hasSize(9 + 3);
        assertThat(SewnLines.openEdges(piece)).isEmpty();
        assertThat(SewnLines.openEdges(Pieces.finished(piece, 2, EdgeFinish.RAW)))
                .containsExactly(2);
        assertThat(SewnLines.openEdges(Pieces.finished(piece, 1, EdgeFinish.RAW)))
                .isEmpty();
    }

    @Test
    void diamondsCloseOnTheCentreLineAndTheEdges() {
        var panel = Pieces.rectangle("panel", 420, 300);
        var quilted = Quilting.on(panel, 60, Math.toRadians(60), 12);
        var lines = SewnLines.of(panel.with(panel.inside().with(quilted)));
        var diamonds = Diamonds.on(420, 300, 60, Math.toRadians(60));
        assertThat(lines.lengthMm()).isCloseTo(diamonds.stitchedMm(), within(1e-3));
        // some crossing lies on the middle of the lower edge, and every row ends on the panel's edge
        for (var row : lines.rows())
            for (var end : List.of(row.from(), row.to()))
                assertThat(SewnLines.edgeAt(panel, end)).isPresent();
        assertThat(lines.rows().stream().map(SewnLines.Row::from)).anyMatch(at -> at.to(new Point(210, 0)) < 1e-6);
    }

    /** However the other panel is drawn, the rows meet along the seam. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void diamondsGoOnAcrossASeam(int edge) {
        var seat = Pieces.rectangle("seat", 420, 300);
        var quilted = seat.with(seat.inside().with(Quilting.on(seat, 55, Math.toRadians(70), 12)));
        var door = Moved.by(
                edge % 2 == 0 ? Pieces.rectangle("door", 300, 500) : Pieces.rectangle("door", 500, 300),
                new Pose(70, -40, 33, false));
        var carried = door.with(
                door.inside().with(Quilting.carried(quilted, new Side("seat", 1), door, new Side("door", edge))));
        assertThat(SewnLines.of(carried).rows()).isNotEmpty();
        assertThat(Quilting.missMm(quilted, new Side("seat", 1), carried, new Side("door", edge)))
                .isLessThan(1e-6);
    }

    @Test
    void aMirroredPanelHasTheMirroredRows() {
        var panel = Pieces.of("panel", new Point(0, 0), new Point(400, 30), new Point(380, 310), new Point(20, 260));
        var quilted = panel.with(panel.inside().with(Quilting.on(panel, 55, Math.toRadians(70), 12)));
        var mirrored = Mirrored.of(quilted, quilted.part(), "other");
        assertThat(SewnLines.of(mirrored).lengthMm())
                .isCloseTo(SewnLines.of(quilted).lengthMm(), within(1e-6));
        assertThat(SewnLines.of(mirrored).crossings())
                .isEqualTo(SewnLines.of(quilted).crossings());
        var fluted = fluted(panel, 45, 80, 1.1);
        assertThat(SewnLines.of(Mirrored.of(fluted, fluted.part(), "other")).lengthMm())
                .isCloseTo(SewnLines.of(fluted).lengthMm(), within(1e-6));
    }

    @Test
    void sewingTakesThreadAndTime() {
        var lines = SewnLines.of(fluted(Pieces.rectangle("panel", 380, 470), 40, 90, 1.1));
        var work = StitchWork.of(lines, new Lockstitch(4, 6));
        assertThat(work.stitches()).isEqualTo(1058);
        assertThat(work.threadMm()).isCloseTo(lines.lengthMm() / 4 * 20 * 1.15, within(1e-6));
        assertThat(work.minutes()).isBetween(5.0, 5.5);
    }

    @Test
    void reliefsThatAreNoneAreRefused() {
        assertThatThrownBy(() -> new Surface.Fluted(0, 90, 1.1)).hasMessageContaining("5 to 1000");
        assertThatThrownBy(() -> new Surface.Fluted(40, 90, 0.9)).hasMessageContaining("take-up");
        assertThatThrownBy(() -> new Surface.Quilted(new Point(0, 0), 0, 50, 3000, 1.1, 1.1))
                .hasMessageContaining("5 to 1000");
    }

    /** A bench's long end against a door's shorter one: the rows meet where both are. */
    @Test
    void diamondsMeetWhereTheEdgesLieTogether() {
        var bench = Pieces.rectangle("bench", 1180, 480);
        var quilted = bench.with(bench.inside().with(Quilting.on(bench, 72, Math.toRadians(64), 12)));
        var door = Pieces.rectangle("door", 640, 360);
        var carried = door.with(
                door.inside().with(Quilting.carried(quilted, new Side("bench", 3), door, new Side("door", 1))));
        assertThat(Quilting.missMm(quilted, new Side("bench", 3), carried, new Side("door", 1)))
                .isLessThan(1e-6);
        var shifted = (Surface.Quilted) carried.inside().surface();
        var beside = door.with(door.inside()
                .with(new Surface.Quilted(
                        shifted.through().plus(new Point(0, 7)),
                        shifted.degrees(),
                        shifted.wideMm(),
                        shifted.highMm(),
                        1,
                        1)));
        assertThat(Quilting.missMm(quilted, new Side("bench", 3), beside, new Side("door", 1)))
                .isCloseTo(7, within(1e-6));
    }

    @Test
    void aLatticeSaysItsSideAndItsPoint() {
        var quilted = new Surface.Quilted(new Point(0, 0), 0, 60, 60 * Math.sqrt(3), 1.1, 1.1);
        assertThat(quilted.sideMm()).isCloseTo(60, within(1e-9));
        assertThat(quilted.pointed()).isCloseTo(60, within(1e-9));
    }

    /** 480 across in pleats of about 40, each 15 under: eleven folds, and 330 more cloth, seams or not. */
    @Test
    void foldedPleatsTakeTwiceTheirFold() {
        var pleats = Pleats.across(480, 41, 15);
        assertThat(pleats.count()).isEqualTo(12);
        assertThat(pleats.extraMm()).isEqualTo(330);
        var panel = Pieces.rectangle("panel", 480, 300).with(Inside.NOTHING.with(new Surface.Pleated(41, 90, 15)));
        assertThat(SewnLines.of(panel).rows()).hasSize(11);
        var plain = CuttingLine.of(panel).box();
        assertThat(Blank.of(panel).box().width()).isCloseTo(plain.width() + 330, within(1e-6));
        assertThat(Blank.of(panel).box().height()).isCloseTo(plain.height(), within(1e-6));
        assertThatThrownBy(() -> new Surface.Pleated(20, 90, 21)).hasMessageContaining("overlap");
    }
}
