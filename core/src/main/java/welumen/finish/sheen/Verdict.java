package welumen.finish.sheen;

import java.time.Instant;

/**
 * What a card says of the batch that waits for it. It is judged dry: what was read wet says nothing.
 *
 * @param isGood whether it may be accepted
 * @param holds why the batch is held, a sentence; empty where it is not
 * @param fewerPasses on corners and returns than on the card
 */
public record Verdict(boolean isGood, String holds, int fewerPasses) {
    public static Verdict of(TestCard card, SheenLearnt learnt, Instant now) {
        if (card.read().isEmpty())
            return held(card.isDry(now) ? "The card is dry and nobody has read it." : "The card is not dry yet.", 0);
        var read = card.read().get();
        if (read.at().isBefore(card.dryAt()))
            return held("The card was read before it was dry: it will fall further.", 0);
        var product = card.setUp().product();
        var corner = read.corner() - read.flat();
        var fewer = corner > TestCard.NEAR ? (int) Math.max(1, Math.round(corner / learnt.rises(product))) : 0;
        var off = read.flat() - card.target();
        if (Math.abs(off) > TestCard.NEAR)
            return held(
                    "It reads %.0f where %.0f is wanted%s."
                            .formatted(
                                    read.flat(),
                                    card.target(),
                                    fewer > 0 ? ", its corners %.0f".formatted(read.corner()) : ""),
                    fewer);
        if (fewer > 0)
            return held("Its corners read %.0f and its face %.0f.".formatted(read.corner(), read.flat()), fewer);
        return card.isAccepted()
                ? new Verdict(true, "", 0)
                : new Verdict(true, "The card is good, and nobody has accepted it yet.", 0);
    }

    private static Verdict held(String why, int fewer) {
        return new Verdict(false, why, fewer);
    }

    public boolean isHeld() {
        return !holds.isEmpty();
    }
}
