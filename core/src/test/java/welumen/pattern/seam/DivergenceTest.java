package welumen.pattern.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Match;
import welumen.pattern.Seam.Side;
import welumen.pattern.SeamWalk;
import welumen.pattern.Stitching;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

class DivergenceTest {
    /** Its first edge has one sharp bend, so far along it. */
    private static Piece bent(String name, double before, double after) {
        var piece = Pieces.rectangle(name, 400, 300);
        var edges = new ArrayList<>(piece.edges());
        var knee = new Point(before, 0);
        var end = new Point(before + after * Math.cos(0.5), -after * Math.sin(0.5));
        edges.set(0, new Edge("seam", List.of(new Point(0, 0), knee), EdgeFinish.SEWN, 10));
        edges.set(1, edges.get(1).along(List.of(end)));
        return piece.withEdges(edges);
    }

    /** Runs against the other: its edge begins where the other's ends. */
    private static Piece against(String name, double before, double after) {
        var piece = Pieces.rectangle(name, 400, 300);
        var edges = new ArrayList<>(piece.edges());
        edges.set(0, new Edge("seam", List.of(new Point(0, 0), new Point(after, 0)), EdgeFinish.SEWN, 10));
        edges.set(1, edges.get(1).along(List.of(new Point(after + before * Math.cos(0.5), -before * Math.sin(0.5)))));
        return piece.withEdges(edges);
    }

    private static Patterns sewn(Piece one, Piece other, double ease) {
        return Patterns.of(
                List.of(one, other), List.of(new Seam(new Side(one.id(), 0), new Side(other.id(), 0), ease, false)));
    }

    private static Patterns after(Patterns patterns, Mend mend) {
        var all = patterns;
        for (var change : mend.changes()) all = all.after(change);
        return all;
    }

    @Test
    void twoEdgesOfOneLengthMayStillPartOnTheWay() {
        var patterns = sewn(bent("one", 150, 250), against("other", 158, 242), 0);
        var seam = patterns.seams().getFirst();
        assertThat(SeamWalk.of(patterns, seam).walks()).isTrue();
        var divergence = Divergence.of(patterns, seam);
        assertThat(divergence.walks()).isFalse();
        assertThat(divergence.places()).hasSize(3);
        assertThat(divergence.places().get(1).atMm()).isCloseTo(150, within(1e-9));
        assertThat(divergence.places().get(1).offMm()).isCloseTo(8, within(1e-9));
        assertThat(divergence.worst().offMm()).isCloseTo(8, within(1e-9));
        var mends = Mends.of(patterns, seam);
        assertThat(mends).extracting(Mend::word).containsExactly("Shift the notches");
        var mended = after(patterns, mends.getFirst());
        assertThat(Divergence.of(mended, mended.seams().getFirst()).walks()).isTrue();
        assertThat(mended.seams().getFirst().matches()).containsExactly(new Match(150, 150));
    }

    @Test
    void walkingIsSymmetric() {
        var patterns = sewn(bent("one", 150, 250), against("other", 158, 247), 0);
        var seam = patterns.seams().getFirst();
        var turned = new Seam(seam.other(), seam.one(), 0, false);
        assertThat(SeamWalk.of(patterns, turned).offMm())
                .isEqualTo(-SeamWalk.of(patterns, seam).offMm());
        var there = Divergence.of(patterns, seam).stretches();
        var back = Divergence.of(patterns, turned).stretches().reversed();
        for (var i = 0; i < there.size(); i++)
            assertThat(back.get(i).offMm()).isCloseTo(-there.get(i).offMm(), within(1e-9));
    }

    @Test
    void aSeamThatWalksWantsNoMend() {
        var patterns = sewn(bent("one", 150, 250), against("other", 150, 250), 0);
        assertThat(Mends.of(patterns, patterns.seams().getFirst())).isEmpty();
    }

    @Test
    void aSmallDifferenceIsSpreadOrOneEdgeRedrawn() {
        var patterns = sewn(Pieces.rectangle("one", 400, 300), Pieces.rectangle("other", 408, 300), 0);
        var seam = patterns.seams().getFirst();
        var mends = Mends.of(patterns, seam);
        assertThat(mends)
                .extracting(Mend::word)
                .containsExactly("Spread it over the seam", "Redraw the other", "Redraw the one");
        assertThat(mends.getFirst().means()).contains("8 mm", "2.0 %", "leather");
        for (var mend : mends) {
            var mended = after(patterns, mend);
            assertThat(mended.seams()).hasSize(1);
            var walk = SeamWalk.of(mended, mended.seams().getFirst());
            assertThat(walk.offMm()).isCloseTo(0, within(0.01));
        }
    }

    /** The longer one is the first: after spreading, it is the one that is eased in. */
    @Test
    void theLongerEdgeIsTheOneThatIsEasedIn() {
        var patterns = sewn(Pieces.rectangle("one", 410, 300), Pieces.rectangle("other", 400, 300), 0);
        var mended =
                after(patterns, Mends.of(patterns, patterns.seams().getFirst()).getFirst());
        assertThat(mended.seams().getFirst().easeMm()).isCloseTo(10, within(1e-9));
        assertThat(mended.seams().getFirst().other().piece()).isEqualTo("seat-one");
    }

    @Test
    void aLargeDifferenceIsNotSpread() {
        var patterns = sewn(Pieces.rectangle("one", 400, 300), Pieces.rectangle("other", 440, 300), 0);
        assertThat(Mends.of(patterns, patterns.seams().getFirst()))
                .extracting(Mend::word)
                .containsExactly("Redraw the other", "Redraw the one");
    }

    /** What meets is notched there, on both edges. */
    @Test
    void notchesLieWhereTheSeamSays() {
        var one = Pieces.rectangle("one", 400, 300);
        var other = Pieces.rectangle("other", 404, 300);
        var seam = new Seam(
                new Side(one.id(), 0),
                new Side(other.id(), 0),
                4,
                false,
                List.of(new Match(100, 103), new Match(300, 303)),
                Stitching.USUAL);
        var patterns = Patterns.of(List.of(one, other), List.of(seam));
        assertThat(Notches.of(one, patterns.seams(), patterns).stream()
                        .filter(notch -> notch.edge() == 0)
                        .mapToDouble(notch -> notch.at().x()))
                .containsExactly(100.0, 300.0);
        assertThat(Notches.of(other, patterns.seams(), patterns).stream()
                        .filter(notch -> notch.edge() == 0)
                        .mapToDouble(notch -> Math.rint(notch.at().x() * 1000) / 1000))
                .containsExactly(301.0, 101.0);
    }
}
