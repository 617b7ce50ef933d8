package welumen.strip;

import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.cabin.Side;

/**
 * What was noted of how the parts hold each other: off, and back in.
 *
 * @param firstSide the side that goes back together first; {@code MIDDLE} where nobody has said
 */
public record Bonds(
        List<StripRule> rules, List<RefitLink> refitNotes, List<Lap> laps, List<LooseGroup> groups, Side firstSide) {
    public static final Bonds NONE = new Bonds(List.of(), List.of(), List.of(), List.of(), Side.MIDDLE);

    public Bonds {
        rules = List.copyOf(rules);
        refitNotes = List.copyOf(refitNotes);
        laps = List.copyOf(laps);
        groups = List.copyOf(groups);
    }

    public Bonds with(StripRule rule) {
        return rules.contains(rule) ? this : new Bonds(and(rules, rule), refitNotes, laps, groups, firstSide);
    }

    public Bonds without(StripRule rule) {
        return new Bonds(rules.stream().filter(one -> !one.equals(rule)).toList(), refitNotes, laps, groups, firstSide);
    }

    public Bonds with(RefitLink link) {
        return new Bonds(rules, and(refitNotes, link), laps, groups, firstSide);
    }

    /**
     * The newest word on two parts is the one that counts. What is seen to lap goes in later and comes off sooner: a usual rule
     * that says the opposite of the two falls, so that they do not wait for each other in a circle.
     */
    public Bonds with(Lap lap) {
        var others = withoutLap(lap.over(), lap.under()).withoutLap(lap.under(), lap.over()).laps;
        return new Bonds(
                rules.stream().filter(rule -> !isOpposite(rule, lap)).toList(),
                refitNotes,
                and(others, lap),
                groups,
                firstSide);
    }

    private static boolean isOpposite(StripRule rule, Lap lap) {
        return rule.part().equals(lap.over()) && rule.byAnyOf().equals(List.of(lap.under()));
    }

    public Bonds withoutLap(PartId over, PartId under) {
        var others = laps.stream()
                .filter(one -> !one.over().equals(over) || !one.under().equals(under))
                .toList();
        return new Bonds(rules, refitNotes, others, groups, firstSide);
    }

    public Bonds with(LooseGroup group) {
        return new Bonds(rules, refitNotes, laps, and(groups, group), firstSide);
    }

    public Bonds with(Side side) {
        return new Bonds(rules, refitNotes, laps, groups, side);
    }

    private static <T> List<T> and(List<T> list, T more) {
        return Stream.concat(list.stream(), Stream.of(more)).toList();
    }
}
