package welumen.pattern.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.pattern.Pieces;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Perforation.Spaced;

class PerforationTest {
    private static final Piece PANEL = Pieces.rectangle("panel", 400, 300);

    @ParameterizedTest
    @CsvSource({"400, 6, 2", "401.5, 7, 1", "50, 25, 3", "9, 40, 3"})
    void aWholeNumberOfPitchesLiesBetweenEqualEnds(double length, double pitch, double hole) {
        var row = Spaced.of(length, pitch, hole);
        assertThat(2 * row.firstMm() + (row.count() - 1) * pitch).isCloseTo(length, within(1e-9));
        assertThat(row.firstMm() - hole / 2).isGreaterThanOrEqualTo(hole - 1e-9);
        assertThat(row.firstMm()).isLessThan(1.5 * hole + pitch); // or one more would have fitted
    }

    @Test
    void nothingFitsWhereThereIsNoRoom() {
        assertThat(Spaced.of(8, 5, 3).count()).isZero();
    }

    @Test
    void noHoleIsSewnThroughAndNoneIsTooNearItsNeighbour() {
        var wanted = new Surface.Perforated(9, 2.5, 20);
        var holes = Perforation.of(PANEL, wanted).holes();
        assertThat(holes).hasSizeGreaterThan(1000);
        for (var hole : holes) {
            assertThat(hole.x()).isBetween(3.75, 400 - 3.75);
            assertThat(hole.y()).isBetween(3.75, 300 - 3.75);
        }
        for (var i = 0; i < 200; i++)
            for (var k = i + 1; k < holes.size(); k++)
                assertThat(holes.get(i).to(holes.get(k))).isGreaterThan(9 - 1e-9);
        assertThat(Perforation.of(PANEL, wanted).open(PANEL))
                .isCloseTo(Math.PI * 2.5 * 2.5 / 4 / (9 * 9 * 0.866), within(0.006));
    }

    @Test
    void holesThatWouldTearOutAreRefused() {
        assertThatThrownBy(() -> new Surface.Perforated(5, 3, 0)).hasMessageContaining("tear out");
        assertThatThrownBy(
                        () -> Perforation.of(Pieces.rectangle("wall", 9000, 9000), new Surface.Perforated(2, 0.5, 0)))
                .hasMessageContaining("200,000");
    }

    @Test
    void whatIsPerforatedIsCutAsItIs() {
        var holes = PANEL.with(PANEL.inside().with(new Surface.Perforated(9, 2, 0)));
        assertThat(Blank.of(holes)).isEqualTo(Blank.of(PANEL));
        assertThat(SewnLines.of(holes).rows()).isEmpty();
    }
}
