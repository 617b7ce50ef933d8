package welumen.finish.coat;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import welumen.finish.coat.CoatStep.Kind;

/** Why a coat has to be laid once more: how it shows, where one goes back to, and the days that costs as a rule. */
public enum Cause {
    SILICONE("silicone", "it does not hold, or crawls", Kind.DEGREASE, 2),
    TOO_THICK("too thick", "it cracks where it bends", Kind.KEY, 2),
    TOO_SOON("too soon", "it was rubbed or bent before it had cured", Kind.COLOUR, 1),
    RUN_OUT("the can ran out", "a door top begins in one can and ends in another", Kind.COLOUR, 1),
    WRONG_COLOUR("wrong colour", "it was judged wet, or alone", Kind.COLOUR, 1),
    WRONG_SHEEN("wrong sheen", "it was judged wet, or sprayed too near", Kind.CLEAR, 1);

    private final String word;
    private final String shows;
    private final Kind back;
    private final int days;

    Cause(String word, String shows, Kind back, int days) {
        this.word = word;
        this.shows = shows;
        this.back = back;
        this.days = days;
    }

    public String word() {
        return word;
    }

    /** How it shows. */
    public String shows() {
        return shows;
    }

    /** Days that going back costs, as a rule. */
    public int days() {
        return days;
    }

    /** The number of the step to which one goes back, from 0; of a system without such a step, to its first coat of colour. */
    public int backTo(List<CoatStep> steps) {
        return first(steps, back).orElseGet(() -> first(steps, Kind.COLOUR).orElse(0));
    }

    private static OptionalInt first(List<CoatStep> steps, Kind kind) {
        return IntStream.range(0, steps.size())
                .filter(i -> steps.get(i).kind() == kind)
                .findFirst();
    }
}
