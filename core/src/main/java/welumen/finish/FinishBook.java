package welumen.finish;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.finish.load.HardPiece;
import welumen.finish.reading.Readings;
import welumen.finish.sheen.CardBook;
import welumen.finish.sheen.TestCard;

/** The finish bench of one car: colours, recipes, cards, and the batch of small pieces. */
public record FinishBook(Readings readings, List<Recipe> recipes, CardBook cards, Batch batch) {
    public static final FinishBook EMPTY = new FinishBook(Readings.NONE, List.of(), CardBook.NONE, Batch.NONE);

    public FinishBook {
        recipes = List.copyOf(recipes);
    }

    public FinishBook after(FinishChange change) {
        return switch (change) {
            case FinishChange.ColourRead(var reading) -> new FinishBook(readings.with(reading), recipes, cards, batch);
            case FinishChange.ReadingStruck(var id) -> new FinishBook(readings.without(id), recipes, cards, batch);
            case FinishChange.RecipeKept(var recipe) ->
                new FinishBook(
                        readings,
                        Stream.concat(
                                        recipes.stream()
                                                .filter(other -> !other.id().equals(recipe.id())),
                                        Stream.of(recipe))
                                .toList(),
                        cards,
                        batch);
            case FinishChange.CardSprayed(var card) ->
                with(cards.with(new TestCard(
                        card.id(), card.setUp(), card.target(), card.sprayed(), card.dries(), Optional.empty(), "")));
            case FinishChange.CardRead(var id, var shown) -> with(cards.read(id, shown));
            case FinishChange.CardAccepted(var id, var by) -> with(cards.accepted(id, by));
            case FinishChange.BatchSaid(var how) -> with(batch.said(how));
            case FinishChange.PieceListed(var piece) -> with(batch.with(piece));
            case FinishChange.PieceStruck(var id) -> with(batch.without(id));
            case FinishChange.PieceCleared(var id, var _) ->
                batch.pieces().stream()
                        .filter(piece -> piece.id().equals(id))
                        .findFirst()
                        .map(piece -> with(batch.with(cleared(piece))))
                        .orElse(this);
            case FinishChange.PiecesMoved(var ids, var step) -> with(batch.moved(ids, step));
        };
    }

    private static HardPiece cleared(HardPiece piece) {
        return new HardPiece(
                piece.id(),
                piece.name(),
                piece.squareMetres(),
                piece.here(),
                piece.waitedFor(),
                piece.colour(),
                piece.isHidden(),
                "");
    }

    private FinishBook with(CardBook others) {
        return new FinishBook(readings, recipes, others, batch);
    }

    private FinishBook with(Batch other) {
        return new FinishBook(readings, recipes, cards, other);
    }

    public Optional<Recipe> recipe(String id) {
        return recipes.stream().filter(recipe -> recipe.id().equals(id)).findFirst();
    }

    public String nextRecipe() {
        return "recipe " + (recipes.size() + 1);
    }
}
