package welumen.diary.task;

import java.util.List;

/**
 * A step that cannot be done a second time as well as the first: what is asked before it is begun, and what it costs where it
 * fails.
 */
public enum OneChance {
    GLUE(
            "glue",
            "the bond is lost, and what is pulled off again may stretch or tear",
            Ready.DRY_FIT,
            Ready.EDGES_READ,
            Ready.NOT_COLD,
            Ready.OTHER_SIDE),
    HOLE("a hole", "a hole that is wrong cannot be moved: the piece is made again", Ready.DRY_FIT, Ready.OTHER_SIDE),
    SLIT("a slit", "a slit that is too long cannot be closed: the piece is cut again", Ready.DRY_FIT, Ready.SHARP),
    TRIM_LINE(
            "the trim line",
            "long can be cut again, short cannot: the piece is made again",
            Ready.DRY_FIT,
            Ready.SETTLED,
            Ready.SHARP),
    SPRAY(
            "spraying",
            "what is sprayed badly is flatted back and sprayed again, days later",
            Ready.CARD_DRY,
            Ready.NOZZLE,
            Ready.MASKED,
            Ready.NOT_COLD,
            Ready.AIR);

    /** What has to be so before one begins. */
    public enum Ready {
        DRY_FIT("the dry fit is accepted"),
        EDGES_READ("the order of the edges has been read"),
        NOT_COLD("it is warm and dry enough for the product"),
        OTHER_SIDE("the other side was looked at: what was learnt there holds here"),
        SHARP("the blade is new"),
        SETTLED("it has lain in its place and settled"),
        HELPER("the second pair of hands is here"),
        CARD_DRY("a card was sprayed, is dry and is accepted"),
        NOZZLE("the nozzle was tried on card"),
        MASKED("what is not to be sprayed is masked"),
        AIR("the air moves, the mask is on, no flame or heater is near");

        private final String words;

        Ready(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private final String word;
    private final String cost;
    private final List<Ready> asked;

    OneChance(String word, String cost, Ready... asked) {
        this.word = word;
        this.cost = cost;
        this.asked = List.of(asked);
    }

    public String word() {
        return word;
    }

    /** What it costs where it fails, in words. */
    public String cost() {
        return cost;
    }

    /** What is asked before it is begun by one person; those who are several ask for the helper too. */
    public List<Ready> asked() {
        return asked;
    }
}
