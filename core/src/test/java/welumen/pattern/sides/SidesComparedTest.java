package welumen.pattern.sides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import welumen.pattern.Pieces;
import welumen.pattern.SideStation;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Moved;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;
import welumen.shape.Pose;

class SidesComparedTest {
    private static Piece left() {
        return Pieces.of(
                "left kick panel", new Point(0, 0), new Point(420, 20), new Point(400, 330), new Point(60, 300));
    }

    private static Piece right() {
        return Mirrored.of(left(), left().part(), "right kick panel");
    }

    @Test
    void aMirroredPieceDiffersNowhereHoweverItLies() {
        assertThat(SidesCompared.of(left(), right()).places()).isEmpty();
        assertThat(SidesCompared.of(left(), Moved.by(right(), new Pose(300, 90, 4, false)))
                        .places())
                .isEmpty();
        var twice = Mirrored.of(Mirrored.of(left(), left().part(), "x"), left().part(), left().name());
        assertThat(twice).isEqualTo(left());
    }

    /** A best fit would say two of 15. */
    @Test
    void aUniformDifferenceIsOneOfThatMuch() {
        var left = Pieces.rectangle("left card", 700, 400);
        var taller = EdgeEdit.moved(Mirrored.of(left, left.part(), "right card"), 1, 30)
                .orThrow();
        var compared = SidesCompared.of(left, taller);
        assertThat(compared.datum()).isNotEqualTo(SidesCompared.BEST_FIT);
        assertThat(compared.places()).singleElement().satisfies(place -> {
            assertThat(place.mm()).isCloseTo(30, within(0.1));
            assertThat(place.isMore()).isTrue();
            assertThat(place.isSame()).isFalse();
        });
        assertThat(SidesCompared.byBestFit(left, taller).differing())
                .allMatch(place -> place.mm() < 30)
                .hasSizeGreaterThan(1);
    }

    @Test
    void whatIsBelowTheLimitIsListedToo() {
        var left = Pieces.rectangle("left card", 700, 400);
        var right = EdgeEdit.moved(Mirrored.of(left, left.part(), "right card"), 1, 2)
                .orThrow();
        var compared = SidesCompared.of(left, right);
        assertThat(compared.differing()).isEmpty();
        assertThat(compared.places())
                .singleElement()
                .satisfies(place -> assertThat(place.mm()).isCloseTo(2, within(0.1)));
    }

    @Test
    void fromWhichCornerOneMeasuresIsChosen() {
        var left = Pieces.rectangle("left card", 700, 400);
        var taller = EdgeEdit.moved(Mirrored.of(left, left.part(), "right card"), 1, 30)
                .orThrow();
        for (var edge = 0; edge < 4; edge++)
            assertThat(SidesCompared.fromDatum(left, taller, edge).differing().stream()
                            .mapToDouble(SidesCompared.Place::mm)
                            .max()
                            .orElseThrow())
                    .as("from edge %d", edge)
                    .isCloseTo(30, within(0.5));
    }

    /** The dash comes 32 mm lower on one side, and a pipe wants a notch there. */
    @Test
    void whatDiffersIsFoundWithItsPlaceAndItsAmount() {
        var lower = EdgeEdit.moved(right(), 1, -32).orThrow();
        var notched = EdgeEdit.notched(lower, 3, 150, 40, 25).orThrow();
        var compared = SidesCompared.of(left(), notched);
        assertThat(compared.places()).hasSizeBetween(2, 3);
        assertThat(compared.places().getFirst().isMore()).isFalse();
        assertThat(compared.places().stream()
                        .mapToDouble(SidesCompared.Place::mm)
                        .max()
                        .orElseThrow())
                .isBetween(20.0, 40.0);
        assertThat(compared.places())
                .anyMatch(place -> notched.edges().get(place.edge()).name().equals("notch")
                        || Math.abs(place.where().area() - 1000) < 150);
    }

    @Test
    void aStationIsFlaggedUntilSomebodySaysWhy() {
        assertThat(new SideStation("dash to sill", 412, 380, "").isFlagged()).isTrue();
        assertThat(new SideStation("dash to sill", 412, 380, "the duct comes down there").isFlagged())
                .isFalse();
        assertThat(new SideStation("sill to door", 300, 302, "").isFlagged()).isFalse();
        assertThat(new SideStation("dash to sill", 412, 380, "").offMm()).isCloseTo(-32, within(1e-9));
    }
}
