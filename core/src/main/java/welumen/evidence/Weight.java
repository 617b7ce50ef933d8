package welumen.evidence;

import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import welumen.cabin.PartId;

/**
 * How strong a conclusion on a part can be: as strong as what supports it, weighed by the places that do not depend on each
 * other. Ten scraps from under one seat are one witness.
 *
 * @param strength of all together
 * @param places how many independent places speak
 * @param agree whether their readings do
 */
public record Weight(Strength strength, int places, boolean agree) {
    private static final int LIKELY_FROM = 2;
    private static final int PROOF_FROM = 4;

    /** What the evidence on a part allows. */
    public static Weight of(Album album, PartId part) {
        var byPlace = new TreeMap<String, Strength>();
        for (var one : album.about(part))
            byPlace.merge(place(one), one.strength(), (a, b) -> a.compareTo(b) >= 0 ? a : b);
        var sum = byPlace.values().stream().mapToInt(Weight::counts).sum();
        var agree = album.contradicting(part).isEmpty();
        return new Weight(agree ? strength(sum) : weaker(strength(sum)), byPlace.size(), agree);
    }

    private static String place(Evidence one) {
        return one.where().isBlank() ? "nowhere said" : one.where().strip().toLowerCase(Locale.ROOT);
    }

    private static int counts(Strength strength) {
        return switch (strength) {
            case HINT -> 1;
            case LIKELY -> LIKELY_FROM;
            case PROOF -> PROOF_FROM;
        };
    }

    private static Strength strength(int sum) {
        if (sum >= PROOF_FROM) return Strength.PROOF;
        return sum >= LIKELY_FROM ? Strength.LIKELY : Strength.HINT;
    }

    /** Witnesses that do not agree prove nothing. */
    private static Strength weaker(Strength strength) {
        return List.of(Strength.values()).get(Math.max(0, strength.ordinal() - 1));
    }

    /** “likely, from 2 places”. */
    public String said() {
        return "%s, from %s%s"
                .formatted(
                        strength.word(),
                        places == 1 ? "one place" : places + " places",
                        agree ? "" : " that do not agree");
    }
}
