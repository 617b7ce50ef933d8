package welumen.pattern.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.pattern.PatternChange;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;

/** A piece that is drawn once and cut twice is sewn twice. */
class CopiesTest {
    private static Piece named(Piece piece, String... names) {
        var edges = new ArrayList<>(piece.edges());
        for (var i = 0; i < names.length; i++) edges.set(i, edges.get(i).named(names[i]));
        return piece.withEdges(edges);
    }

    private static final Piece CENTRE = named(
            Pieces.rectangle("cushion centre", 380, 470),
            "front",
            "right, to the bolster",
            "back",
            "left, to the bolster");

    private static final Piece BOLSTER = named(
                    Pieces.rectangle("cushion bolster", 470, 150), "inner, to the centre", "front", "outer", "rear")
            .with(Pairing.LEFT_AND_RIGHT);

    @Test
    void eachOfAHandedPairGoesToItsOwnSide() {
        var centre = Pieces.finished(Pieces.finished(CENTRE, 0, EdgeFinish.RAW), 2, EdgeFinish.RAW);
        var bolster = BOLSTER;
        for (var edge = 1; edge < 4; edge++) bolster = Pieces.finished(bolster, edge, EdgeFinish.RAW);
        var seams = LikelySeams.among(List.of(centre, bolster), List.of());
        assertThat(seams).hasSize(2);
        for (var seam : seams) {
            var onCentre = seam.one().piece().equals(centre.id()) ? seam.one() : seam.other();
            var onBolster = onCentre == seam.one() ? seam.other() : seam.one();
            assertThat(onBolster.copy()).isEqualTo(onCentre.edge() == 3 ? 0 : 1);
        }
    }

    @Test
    void bothAreSewnAndOneMayBeTakenApart() {
        var left = new Seam(new Side(CENTRE.id(), 3), new Side(BOLSTER.id(), 0, 0), 0, false);
        var right = new Seam(new Side(CENTRE.id(), 1), new Side(BOLSTER.id(), 0, 1), 0, false);
        var patterns = Patterns.of(List.of(CENTRE, BOLSTER), List.of())
                .after(new PatternChange.SeamJoined(left))
                .after(new PatternChange.SeamJoined(right));
        assertThat(patterns.seams()).containsExactly(left, right);
        assertThat(patterns.after(new PatternChange.SeamTakenApart(left)).seams())
                .containsExactly(right);
        // two bolsters and a centre: no ring is closed
        var order = SewingOrder.of(patterns.pieces(), patterns.seams());
        assertThat(order.steps()).hasSize(2);
        assertThat(order.steps()).noneMatch(step -> step.why().contains("ring"));
        assertThat(patterns.after(new PatternChange.PieceDropped(BOLSTER.id())).seams())
                .isEmpty();
    }

    @Test
    void theSamePairInOneCopyWouldBeARing() {
        var left = new Seam(new Side(CENTRE.id(), 3), new Side(BOLSTER.id(), 0), 0, false);
        var other = new Seam(new Side(CENTRE.id(), 1), new Side(BOLSTER.id(), 2), 0, false);
        assertThat(SewingOrder.of(List.of(CENTRE, BOLSTER), List.of(left, other))
                        .steps())
                .anyMatch(step -> step.why().contains("ring"));
    }
}
