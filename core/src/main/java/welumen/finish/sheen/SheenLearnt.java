package welumen.finish.sheen;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What the cards of this workshop have taught of each product. A first guess counts as two cards, so that one odd card does not
 * rule.
 */
public record SheenLearnt(List<TestCard> cards) {
    /** Gloss units by which it rises where a pass goes over once more: a rule of thumb. */
    private static final double RISES = 4;

    private static final int GUESS = 2;

    public SheenLearnt {
        cards = List.copyOf(cards);
    }

    /** By how many units a product rises with each pass that builds up on a corner, over 0.5. */
    public double rises(String product) {
        return Math.max(
                0.5,
                mean(
                        product,
                        RISES,
                        card -> (card.read().orElseThrow().corner()
                                        - card.read().orElseThrow().flat())
                                / Math.max(1, card.setUp().passes() - 1.0)));
    }

    /** By how many units a product falls from what was aimed at to what a dry card reads; below nought where it rises. */
    public double falls(String product) {
        return mean(
                product, 0, card -> card.target() - card.read().orElseThrow().flat());
    }

    private double mean(String product, double guess, ToDoubleFunction<TestCard> of) {
        var known = cards.stream()
                .filter(card ->
                        card.setUp().product().equals(product) && card.read().isPresent())
                .filter(card -> !card.read().orElseThrow().at().isBefore(card.dryAt()))
                .mapToDouble(of)
                .toArray();
        var sum = guess * GUESS;
        for (var one : known) sum += one;
        return sum / (known.length + GUESS);
    }
}
