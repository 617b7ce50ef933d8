package welumen.finish.underway;

import java.util.List;
import java.util.stream.Stream;
import welumen.finish.coat.Ground;

/** By what a coat is tried once it has cured, on the car’s own use: what sits, rubs and gets wet there. */
public enum Trial {
    RUB("rub", "twenty strokes with a damp white cloth: no colour on it"),
    BEND("bend", "fold it sharply over a finger: no line, no white"),
    WET("wet", "a wet cloth on it for ten minutes: no mark, no tack"),
    HAND("hand", "a warm hand on it for a minute: it neither sticks nor shows");

    private final String word;
    private final String how;

    Trial(String word, String how) {
        this.word = word;
        this.how = how;
    }

    public String word() {
        return word;
    }

    /** What is done, and what has to be seen. */
    public String how() {
        return how;
    }

    /** Of what does not bend none is bent. */
    static List<Trial> of(Ground ground) {
        return Stream.of(values())
                .filter(trial -> trial != BEND || ground.bends())
                .toList();
    }
}
