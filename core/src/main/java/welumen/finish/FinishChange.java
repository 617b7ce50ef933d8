package welumen.finish;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import welumen.finish.load.HardPiece;
import welumen.finish.mask.Edge;
import welumen.finish.reading.Reading;
import welumen.finish.sheen.SetUp;
import welumen.finish.sheen.TestCard;
import welumen.finish.underway.CoatingChange;
import welumen.finish.underway.GoneWrong;

/** What happens at the finish bench. */
public sealed interface FinishChange {
    record ColourRead(Reading reading) implements FinishChange {}

    record ReadingStruck(String id) implements FinishChange {}

    /** A recipe, or what has become of it. */
    record RecipeKept(Recipe recipe) implements FinishChange {}

    record CardSprayed(Card card) implements FinishChange {}

    record CardRead(String id, TestCard.Read shown) implements FinishChange {}

    record CardAccepted(String id, String by) implements FinishChange {}

    /** A go that failed on a card, a load or anything else that is no surface under way. */
    record WentWrong(GoneWrong gone) implements FinishChange {}

    record OnCoating(CoatingChange change) implements FinishChange {}

    /** What is done with an edge beside what is sprayed. */
    record EdgeSaid(Edge edge) implements FinishChange {}

    record TouchUpKept(TouchUp touchUp) implements FinishChange {}

    record BatchSaid(Batch.How how) implements FinishChange {}

    record PieceListed(HardPiece piece) implements FinishChange {}

    record PieceStruck(String id) implements FinishChange {}

    /** Somebody qualified has answered: it may go in a load. */
    record PieceCleared(String id, String by) implements FinishChange {}

    record PiecesMoved(List<String> ids, Batch.Step step) implements FinishChange {
        public PiecesMoved {
            ids = List.copyOf(ids);
        }
    }

    /** A card when it is sprayed: nothing was read yet. */
    record Card(String id, SetUp setUp, double target, Instant sprayed, Duration dries) {}
}
