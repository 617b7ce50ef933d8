package welumen.strip;

import java.util.List;

/** How a part or a fixing was moved. */
public enum How {
    NOT_SAID("off"),
    LIFT("lift", "lifted", "lifts"),
    SLIDE("slide", "slid", "slides"),
    LEVER("lever", "levered", "prise", "prised"),
    UNSCREW("unscrew", "unscrewed"),
    UNBOLT("unbolt", "unbolted"),
    UNHOOK("unhook", "unhooked"),
    UNPLUG("unplug", "unplugged", "disconnect", "disconnected"),
    PULL("pull", "pulled"),
    PEEL("peel", "peeled"),
    CUT("cut", "slit"),
    DRILL("drilled");

    private final String word;
    private final List<String> alsoSaid;

    How(String word, String... alsoSaid) {
        this.word = word;
        this.alsoSaid = List.of(alsoSaid);
    }

    public String word() {
        return word;
    }

    public boolean isSaidBy(String token) {
        return this != NOT_SAID && (word.equals(token) || alsoSaid.contains(token));
    }
}
