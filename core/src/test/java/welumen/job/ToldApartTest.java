package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.Together;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Outline;
import welumen.shape.Point;

class ToldApartTest {
    private static final Piece CUFF = new Piece(
            "cuff",
            new PartId("seat"),
            "cuff",
            "hide",
            Pairing.ONE,
            1,
            new Grain.AnyWay(),
            Under.NOTHING,
            Outline.rectangle(300, 60).corners().stream()
                    .map(corner -> new Edge("", List.of(corner), EdgeFinish.SEWN, 10))
                    .toList());

    private static Piece drawnLast(JobChange change) {
        return switch (change) {
            case Together(var changes) -> drawnLast(changes.getLast());
            case AtPattern(PieceDrawn(var piece)) -> piece;
            default -> throw new AssertionError(change);
        };
    }

    @Test
    void theEdgesOfANewPieceAreCountedFromOne() {
        var told = ToldApart.of(Patterns.EMPTY, new AtPattern(new PieceDrawn(CUFF)));
        assertThat(drawnLast(told).edges()).extracting(Edge::id).containsExactly(1, 2, 3, 4);
    }

    /** Within one action each change is told by what those before it left. */
    @Test
    void aPieceThatIsDrawnTwiceInOneActionKeepsItsEdges() {
        var moved = CUFF.withEdges(CUFF.edges().reversed().stream()
                .map(edge -> edge.along(List.of(new Point(
                        -edge.line().getFirst().x(), edge.line().getFirst().y()))))
                .toList());
        var told = ToldApart.of(
                Patterns.EMPTY,
                Together.of(List.of(new AtPattern(new PieceDrawn(CUFF)), new AtPattern(new PieceDrawn(moved)))));
        assertThat(drawnLast(told).edges()).extracting(Edge::id).containsExactlyInAnyOrder(1, 2, 3, 4);
    }

    @Test
    void onlyWhatDrawsSomethingDraws() {
        assertThat(ToldApart.draws(new AtPattern(new PieceDrawn(CUFF)))).isTrue();
        assertThat(ToldApart.draws(new AtPattern(new PieceDropped("cuff")))).isFalse();
    }
}
