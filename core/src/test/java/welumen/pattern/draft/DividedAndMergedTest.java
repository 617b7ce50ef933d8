package welumen.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import welumen.measure.Parsed.Refused;
import welumen.pattern.PatternChange;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.SeamWalk;
import welumen.pattern.draft.Divided.Line;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Outline;
import welumen.shape.Point;

class DividedAndMergedTest {
    private static Patterns after(Patterns patterns, List<PatternChange> changes) {
        var all = patterns;
        for (var change : changes) all = all.after(change);
        return all;
    }

    private static Piece curved() {
        return EdgeCurve.bowed(Pieces.rectangle("panel", 400, 300), 2, 25).orThrow();
    }

    @Property(tries = 60)
    void twoHalvesAreTheWholeAndCanBeOneAgain(
            @ForAll @IntRange(max = 3) int from,
            @ForAll @IntRange(min = 1, max = 3) int further,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) double fromShare,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) double toShare) {
        var panel = curved();
        var to = (from + further) % 4;
        var before = Patterns.of(List.of(panel), List.of());
        var changes = Divided.along(before, panel, new Line(from, fromShare, to, toShare))
                .orThrow();
        var parted = after(before, changes);
        assertThat(parted.pieces()).hasSize(2);
        assertThat(parted.pieces().stream()
                        .mapToDouble(piece -> piece.net().area())
                        .sum())
                .isCloseTo(panel.net().area(), within(1e-6));
        var seam = parted.seams().getFirst();
        assertThat(SeamWalk.of(parted, seam).offMm()).isCloseTo(0, within(1e-9));
        var merged = after(parted, Merged.at(parted, seam).orThrow());
        assertThat(merged.pieces()).hasSize(1);
        assertThat(merged.seams()).isEmpty();
        assertThat(merged.pieces().getFirst().net().area())
                .isCloseTo(panel.net().area(), within(1e-6));
        assertThat(merged.pieces().getFirst().net().perimeter())
                .isCloseTo(panel.net().perimeter(), within(1e-6));
    }

    @Test
    void whatItWasSewnToStaysSewn() {
        var panel = curved();
        var left = Pieces.rectangle("left", 300, 80);
        var right = Pieces.rectangle("right", 300, 80);
        var before = Patterns.of(
                List.of(panel, left, right),
                List.of(
                        new Seam(new Side(panel.id(), 1), new Side(right.id(), 0), 0, false),
                        new Seam(new Side(left.id(), 0), new Side(panel.id(), 3), 2, true),
                        new Seam(new Side(panel.id(), 0), new Side(left.id(), 2), 0, false)));
        var parted = after(
                before, Divided.along(before, panel, new Line(2, 0.5, 0, 0.5)).orThrow());
        // the edges that are whole stay sewn, the one that is parted does not
        assertThat(parted.seams()).hasSize(3);
        for (var seam : parted.seams())
            assertThat(SeamWalk.of(parted, seam).offMm()).isCloseTo(seam.easeMm() == 0 ? 0 : -2, within(1e-6));
        assertThat(parted.pieces().stream().map(Piece::name)).contains("panel, left half", "panel, right half");
        var own = parted.seams().stream()
                .filter(seam -> seam.one().piece().contains("half")
                        && seam.other().piece().contains("half"))
                .findFirst()
                .orElseThrow();
        var merged = after(parted, Merged.at(parted, own).orThrow());
        assertThat(merged.seams()).hasSize(2);
        for (var seam : merged.seams())
            assertThat(SeamWalk.of(merged, seam).offMm()).isCloseTo(seam.easeMm() == 0 ? 0 : -2, within(1e-6));
    }

    @Test
    void aLineThroughAHoleOrOutOfThePieceIsRefused() {
        var hole = Outline.rectangle(40, 40);
        var shifted = new Outline(
                hole.corners().stream().map(at -> at.plus(new Point(180, 130))).toList());
        var panel = curved().with(Inside.holes(List.of(shifted)));
        assertThat(Divided.along(Patterns.EMPTY, panel, new Line(0, 0.5, 2, 0.5)))
                .isInstanceOfSatisfying(
                        Refused.class, no -> assertThat(no.why()).contains("hole", "200, 150"));
        var drilled = curved().with(Inside.NOTHING.with(new Piercing(
                "trim screw", Piercing.Kind.PUNCHED, new Point(195, 150), 5, 0, Piercing.Made.ON_THE_BENCH)));
        assertThat(Divided.along(Patterns.EMPTY, drilled, new Line(0, 0.5, 2, 0.5)))
                .isInstanceOfSatisfying(
                        Refused.class, no -> assertThat(no.why()).contains("trim screw"));
        var angle = Pieces.of(
                "angle",
                new Point(0, 0),
                new Point(300, 0),
                new Point(300, 100),
                new Point(100, 100),
                new Point(100, 300),
                new Point(0, 300));
        assertThat(Divided.along(Patterns.EMPTY, angle, new Line(1, 0.5, 4, 0.5)))
                .isInstanceOfSatisfying(
                        Refused.class, no -> assertThat(no.why()).contains("leaves the piece"));
        assertThat(Divided.along(Patterns.EMPTY, curved(), new Line(1, 0.3, 1, 0.6)))
                .isInstanceOf(Refused.class);
    }

    @Test
    void edgesThatDoNotLieOnEachOtherMakeNoOnePiece() {
        var one = curved();
        var other = Pieces.rectangle("other", 400, 100);
        var seam = new Seam(new Side(one.id(), 2), new Side(other.id(), 0), 0, false);
        assertThat(Merged.at(Patterns.of(List.of(one, other), List.of(seam)), seam))
                .isInstanceOfSatisfying(
                        Refused.class, no -> assertThat(no.why()).contains("25 mm apart"));
    }
}
