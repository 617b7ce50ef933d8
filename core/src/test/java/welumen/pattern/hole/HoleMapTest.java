package welumen.pattern.hole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import welumen.pattern.Pieces;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Moved;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Piercing.Kind;
import welumen.pattern.piece.Piercing.Made;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;

class HoleMapTest {
    private static Piercing hole(double x, double y, double size) {
        return new Piercing("screw", Kind.PUNCHED, new Point(x, y), size, 0, Made.ON_THE_BENCH);
    }

    private static Piece with(Piece piece, List<Piercing> piercings) {
        return piece.with(Inside.NOTHING.withPiercings(piercings));
    }

    private static List<Piercing> some(Random random) {
        var piercings = new ArrayList<Piercing>();
        for (var i = 0; i < 7; i++)
            piercings.add(hole(50 + 80 * (i % 4) + 30 * random.nextDouble(), 60 + 90 * (i / 4), 4 + random.nextInt(4)));
        return piercings;
    }

    @Test
    void coordinatesRunFromTheDatumAlongItsEdge() {
        var panel = with(Pieces.rectangle("panel", 400, 300), List.of(hole(380, 50, 6), hole(100, 50, 4)));
        var fromRight = HoleMap.of(panel, 1);
        assertThat(fromRight.holes().getFirst().sizeMm()).isEqualTo(4);
        assertThat(fromRight.holes().getFirst().at().to(new Point(50, 300))).isLessThan(1e-9);
        assertThat(fromRight.holes().getLast().at().to(new Point(50, 20))).isLessThan(1e-9);
        var cut = Pieces.rectangle("panel", 400, 300)
                .with(Inside.holes(List.of(new Outline(Outline.rectangle(30, 20).corners().stream()
                        .map(corner -> corner.plus(new Point(100, 100)))
                        .toList()))));
        assertThat(HoleMap.of(cut, 0).holes().getFirst().how()).isEqualTo("cut out");
        assertThat(HoleMap.of(cut, 0).holes().getFirst().at()).isEqualTo(new Point(115, 110));
    }

    /** The same panel, drawn somewhere else and turned: no difference from whichever corner one measures. */
    @RepeatedTest(8)
    void theSameHolesAgreeFromAnyCorner(RepetitionInfo info) {
        var random = new Random(info.getCurrentRepetition());
        var panel = with(Pieces.rectangle("panel", 400, 300), some(random));
        var elsewhere = Moved.by(panel, new Pose(500, -90, 360 * random.nextDouble(), false));
        var corner = random.nextInt(4);
        var compared = HolesCompared.of(HoleMap.of(panel, corner), HoleMap.of(elsewhere, corner));
        assertThat(compared.pairs()).hasSize(7);
        assertThat(compared.agree()).isTrue();
        assertThat(compared.pairs()).allMatch(pair -> pair.offMm() < 1e-6);
    }

    /** A best fit would make it 2.6 mm, and put every one of its neighbours 0.4 mm off. */
    @Test
    void aHoleThatIsThreeMillimetresOffIsThreeMillimetresOffAndItsNeighboursAreRight() {
        var old = some(new Random(5));
        var body = new ArrayList<>(old);
        body.set(
                2, hole(old.get(2).at().x() + 3, old.get(2).at().y(), old.get(2).sizeMm()));
        var panel = Pieces.rectangle("panel", 400, 300);
        var compared = HolesCompared.of(HoleMap.of(with(panel, old), 0), HoleMap.of(with(panel, body), 0));
        assertThat(compared.pairs()).hasSize(7);
        assertThat(compared.pairs().stream().filter(pair -> pair.offMm() > 1e-6))
                .singleElement()
                .satisfies(pair -> {
                    assertThat(pair.offMm()).isCloseTo(3, within(1e-9));
                    assertThat(pair.by().x()).isCloseTo(3, within(1e-9));
                    assertThat(pair.bestFitMm()).as("the second reading").isBetween(1.0, 2.9);
                });
        assertThat(compared.pairs().stream().filter(pair -> pair.bestFitMm() > 0.05))
                .hasSizeGreaterThan(1);
    }

    @Test
    void holesThatAreAllOffByTheSameFindTheirFellowsAndSayHowFar() {
        var old = some(new Random(5));
        var body = old.stream()
                .map(hole -> hole(hole.at().x() + 30, hole.at().y(), hole.sizeMm()))
                .toList();
        var panel = Pieces.rectangle("panel", 460, 300);
        var compared = HolesCompared.of(HoleMap.of(with(panel, old), 0), HoleMap.of(with(panel, body), 0));
        assertThat(compared.pairs())
                .hasSize(7)
                .allSatisfy(pair -> assertThat(pair.offMm()).isCloseTo(30, within(1e-6)));
        assertThat(compared.agree()).isFalse();
    }

    @Test
    void oneThatIsShiftedOneThatIsLargerAndOneThatIsMissingAreFound() {
        var old = some(new Random(3));
        var body = new ArrayList<>(old);
        body.set(
                2, hole(old.get(2).at().x() + 5, old.get(2).at().y(), old.get(2).sizeMm()));
        body.set(4, hole(old.get(4).at().x(), old.get(4).at().y(), old.get(4).sizeMm() + 3));
        body.remove(6);
        var panel = Pieces.rectangle("panel", 400, 300);
        var compared = HolesCompared.of(HoleMap.of(with(panel, old), 0), HoleMap.of(with(panel, body), 0));
        assertThat(compared.onlyOne()).hasSize(1);
        assertThat(compared.onlyOther()).isEmpty();
        assertThat(compared.pairs().stream().filter(pair -> !pair.meets())).hasSize(2);
        assertThat(compared.pairs().stream()
                        .mapToDouble(HolesCompared.Pair::offMm)
                        .max()
                        .orElseThrow())
                .isBetween(3.0, 5.0);
        assertThat(compared.pairs().stream()
                        .mapToDouble(HolesCompared.Pair::largerMm)
                        .max()
                        .orElseThrow())
                .isCloseTo(3, within(1e-9));
    }
}
