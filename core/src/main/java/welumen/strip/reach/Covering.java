package welumen.strip.reach;

import java.util.Set;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.strip.StripLog;

/** What lies over and under a part, given what is off now: from the strip's rules, through as many layers as there are. */
public final class Covering {
    private Covering() {}

    /**
     * The parts on the car that must come off before one gets at a part, the part itself not among them. Where it comes free
     * by any of several, all of them lie over it until one is off.
     */
    public static Set<PartId> over(StripLog log, PartId part) {
        var over = new TreeSet<>(Set.of(part));
        for (var grew = true; grew; ) {
            grew = false;
            for (var rule : log.rules())
                if (over.contains(rule.part()) && !rule.isMet(log)) grew |= over.addAll(rule.byAnyOf());
        }
        over.remove(part);
        return over;
    }

    /** The part itself and everything that it covers, or would cover if it went in now, directly or through another. */
    public static Set<PartId> under(StripLog log, PartId part) {
        var under = new TreeSet<>(Set.of(part));
        for (var grew = true; grew; ) {
            grew = false;
            for (var rule : log.rules())
                if (rule.byAnyOf().stream().anyMatch(under::contains)
                        && rule.byAnyOf().stream().allMatch(by -> under.contains(by) || !log.isOff(by)))
                    grew |= under.add(rule.part());
        }
        return under;
    }
}
