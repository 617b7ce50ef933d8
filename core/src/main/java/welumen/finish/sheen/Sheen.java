package welumen.finish.sheen;

import java.util.stream.Stream;

/** The trade's words for sheen, by gloss units at 60°. A word is no target: the number is. */
public enum Sheen {
    MATT("matt", 0, 10),
    EGGSHELL("eggshell", 10, 25),
    SATIN("satin", 25, 45),
    SEMI_GLOSS("semi-gloss", 45, 70),
    GLOSS("gloss", 70, 100);

    /** Most that a glossmeter shows of a coat. */
    public static final double MOST = 120;

    private final String word;
    private final double from;
    private final double to;

    Sheen(String word, double from, double to) {
        this.word = word;
        this.from = from;
        this.to = to;
    }

    public String word() {
        return word;
    }

    /** The middle of it: what a card of that word reads, about. */
    public double middle() {
        return (from + to) / 2;
    }

    /** @throws IllegalArgumentException if it is no gloss of a coat */
    public static Sheen of(double units) {
        if (!(units >= 0 && units <= MOST))
            throw new IllegalArgumentException("[%s] is no gloss of a coat: 0 to 120 units at 60°.".formatted(units));
        return Stream.of(values()).filter(sheen -> units < sheen.to).findFirst().orElse(GLOSS);
    }
}
