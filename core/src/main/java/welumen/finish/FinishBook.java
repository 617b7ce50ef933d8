package welumen.finish;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.finish.mask.EdgeBook;
import welumen.finish.reading.Readings;
import welumen.finish.sheen.CardBook;
import welumen.finish.sheen.SheenLearnt;
import welumen.finish.sheen.TestCard;
import welumen.finish.sheen.Verdict;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingBook;

/** The finish bench of one car: colours, recipes, cards, and the batch of small pieces. */
public record FinishBook(
        Readings readings,
        List<Recipe> recipes,
        CardBook cards,
        Batch batch,
        CoatingBook coatings,
        EdgeBook edges,
        List<TouchUp> touchUps) {
    public static final FinishBook EMPTY = new FinishBook(
            Readings.NONE, List.of(), CardBook.NONE, Batch.NONE, CoatingBook.NONE, EdgeBook.NONE, List.of());

    /** The share of goes at spraying that fail: a rule of thumb, and for how many goes it counts. */
    private static final double FAILS = 0.1;

    private static final int RULE = 10;

    public FinishBook {
        recipes = List.copyOf(recipes);
        touchUps = List.copyOf(touchUps);
    }

    public FinishBook after(FinishChange change) {
        return switch (change) {
            case FinishChange.ColourRead(var reading) -> with(readings.with(reading));
            case FinishChange.ReadingStruck(var id) -> with(readings.without(id));
            case FinishChange.RecipeKept(var recipe) -> with(recipe);
            case FinishChange.CardSprayed(var card) ->
                with(cards.with(new TestCard(
                        card.id(), card.setUp(), card.target(), card.sprayed(), card.dries(), Optional.empty(), "")));
            case FinishChange.CardRead(var id, var shown) -> with(cards.read(id, shown));
            case FinishChange.CardAccepted(var id, var by) -> with(cards.accepted(id, by));
            case FinishChange.WentWrong(var gone) -> with(coatings.wentWrong(gone));
            case FinishChange.OnCoating(var inner) -> with(coatings.after(inner));
            case FinishChange.EdgeSaid(var edge) ->
                new FinishBook(readings, recipes, cards, batch, coatings, edges.with(edge), touchUps);
            case FinishChange.TouchUpKept(var touchUp) -> with(touchUp);
            case FinishChange.BatchSaid(var how) -> with(batch.said(how));
            case FinishChange.PieceListed(var piece) -> with(batch.with(piece));
            case FinishChange.PieceStruck(var id) -> with(batch.without(id));
            case FinishChange.PieceCleared(var id, var _) ->
                batch.pieces().stream()
                        .filter(piece -> piece.id().equals(id))
                        .findFirst()
                        .map(piece -> with(batch.with(piece.cleared())))
                        .orElse(this);
            case FinishChange.PiecesMoved(var ids, var step) -> with(batch.moved(ids, step));
        };
    }

    private FinishBook with(Readings others) {
        return new FinishBook(others, recipes, cards, batch, coatings, edges, touchUps);
    }

    private FinishBook with(Recipe recipe) {
        var all = new ArrayList<>(recipes);
        all.removeIf(other -> other.id().equals(recipe.id()));
        all.add(recipe);
        return new FinishBook(readings, all, cards, batch, coatings, edges, touchUps);
    }

    private FinishBook with(CardBook others) {
        return new FinishBook(readings, recipes, others, batch, coatings, edges, touchUps);
    }

    private FinishBook with(Batch other) {
        return new FinishBook(readings, recipes, cards, other, coatings, edges, touchUps);
    }

    private FinishBook with(CoatingBook others) {
        return new FinishBook(readings, recipes, cards, batch, others, edges, touchUps);
    }

    private FinishBook with(TouchUp touchUp) {
        var all = new ArrayList<>(touchUps);
        all.removeIf(other -> other.recipe().equals(touchUp.recipe()));
        all.add(touchUp);
        return new FinishBook(readings, recipes, cards, batch, coatings, edges, all);
    }

    /** Why nothing is sprayed yet: its last card is not accepted. Empty where no card was sprayed, or it was accepted. */
    public Optional<String> held(SheenLearnt learnt, Instant now) {
        return cards.last()
                .map(card -> Verdict.of(card, learnt, now))
                .filter(Verdict::isHeld)
                .map(verdict -> "Held by its card: " + verdict.holds());
    }

    /** Before when nothing is sprayed at the best: the last card is dry by then, or another one is, where it missed. */
    public Optional<Instant> cardDry(Instant now) {
        return cards.last()
                .filter(card -> !card.isAccepted())
                .flatMap(card -> card.hasMissed()
                        ? Optional.of(now.plus(card.dries()))
                        : Optional.of(card.dryAt()).filter(now::isBefore));
    }

    /** In what share a go at spraying fails: as a rule, which counts as ten goes, and as it went here. */
    public double fails() {
        var gone = coatings.gone().size();
        var well = cards.cards().stream().filter(TestCard::isAccepted).count()
                + coatings.all().stream().filter(Coating::isDone).count();
        return (RULE * FAILS + gone) / (RULE + gone + well);
    }

    /** Recipes that were sprayed of which nobody has said what is kept for repairs. */
    public List<Recipe> withoutTouchUp() {
        return recipes.stream()
                .filter(recipe ->
                        touchUps.stream().noneMatch(touchUp -> touchUp.recipe().equals(recipe.id())))
                .toList();
    }

    public Optional<Recipe> recipe(String id) {
        return recipes.stream().filter(recipe -> recipe.id().equals(id)).findFirst();
    }

    public String nextRecipe() {
        return "recipe " + (recipes.size() + 1);
    }
}
