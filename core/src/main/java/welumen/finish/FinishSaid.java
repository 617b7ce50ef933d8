package welumen.finish;

import java.util.Locale;
import welumen.finish.underway.CoatingSaid;
import welumen.finish.underway.GoneWrong;

/** Says in a few words what a change of this room did. */
public final class FinishSaid {
    private FinishSaid() {}

    public static String of(FinishChange change) {
        return switch (change) {
            case FinishChange.ColourRead(var reading) -> "Colour read: " + reading.what();
            case FinishChange.ReadingStruck(var _) -> "A reading struck out";
            case FinishChange.RecipeKept(var recipe) -> "Recipe kept: " + recipe.title();
            case FinishChange.CardSprayed(var card) ->
                "Card sprayed: " + card.setUp().product();
            case FinishChange.CardRead(var _, var shown) ->
                String.format(Locale.UK, "Card read: %.0f, corners %.0f", shown.flat(), shown.corner());
            case FinishChange.CardAccepted(var _, var by) -> "Card accepted by " + by;
            case FinishChange.WentWrong(var gone) -> wrong(gone);
            case FinishChange.OnCoating(var inner) -> CoatingSaid.of(inner);
            case FinishChange.EdgeSaid(var edge) ->
                (edge.isMasked() ? "To be masked: " : "To come off before it is sprayed: ")
                        + edge.beside().value().replace('-', ' ');
            case FinishChange.TouchUpKept(var touchUp) ->
                touchUp.isKept() ? "Touch-up kept: %.0f g".formatted(touchUp.grams()) : "No touch-up is kept";
            case FinishChange.BatchSaid(var how) -> "To be sprayed in %d coats".formatted(how.coats());
            case FinishChange.PieceListed(var piece) -> "To spray: " + piece.name();
            case FinishChange.PieceStruck(var _) -> "A piece struck out";
            case FinishChange.PieceCleared(var _, var by) -> "A piece cleared by " + by;
            case FinishChange.PiecesMoved(var ids, var step) ->
                "%d %s: %s".formatted(ids.size(), ids.size() == 1 ? "piece" : "pieces", step.word());
        };
    }

    private static String wrong(GoneWrong gone) {
        return "Once more, %s, %s: %s".formatted(gone.what(), gone.cause().word(), gone.cost());
    }
}
