package welumen.refit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.Custody;
import welumen.custody.LeftOff;
import welumen.strip.RefitLink;
import welumen.strip.StripLog;
import welumen.strip.account.FixingLedger;
import welumen.strip.order.RefitLinks;
import welumen.strip.reach.Covering;

/** Whether a part may go back in now, and be signed off: every objection, the gravest first. */
public final class SignOff {
    /** One reason against. */
    public sealed interface Objection {
        /** It never came off. */
        record NotOff() implements Objection {}

        /** Work on it, or on what it would cover, is stopped. */
        record Held(PartId held, String because) implements Objection {}

        /** Another part goes in before it. */
        record TooEarly(RefitLink link) implements Objection {}

        /** Somebody else has it. */
        record Elsewhere(Away away) implements Objection {}

        /** Something was left off on purpose, and this would shut it in. */
        record ShutsIn(LeftOff leftOff) implements Objection {}

        /** The part still wants something done to it: it can go in all the same, but only with a word why. */
        record Unfinished(Undone undone) implements Objection {}

        /** It would cover a part in the car that still wants something done: only with a word why. */
        record InTheWay(PartId hidden, Undone undone) implements Objection {}

        /** There will be hot work near it: only with a word why. */
        record NearHotWork(PartId held, String because) implements Objection {}

        /** Fewer fixings are there than it has places: it can go in, but only with a word why. */
        record Short(int places, int usable) implements Objection {}

        /** Whether no word puts it aside. */
        default boolean stops() {
            return switch (this) {
                case NotOff _, Held _, Elsewhere _, ShutsIn _, TooEarly _ -> true;
                case Unfinished _, InTheWay _, NearHotWork _, Short _ -> false;
            };
        }

        /** Whether a word why is wanted before the part is let in all the same, beside one for fixings that are short. */
        default boolean wantsAWord() {
            return switch (this) {
                case Unfinished _, InTheWay _, NearHotWork _ -> true;
                case NotOff _, Held _, Elsewhere _, ShutsIn _, TooEarly _, Short _ -> false;
            };
        }
    }

    private final Cabin cabin;
    private final StripLog strip;
    private final RefitLog refit;
    private final Custody custody;
    private final Stopped stopped;
    private final Map<PartId, List<Undone>> undone;

    /**
     * What is held.
     *
     * @param holds why each part that is held is
     * @param hot those of them that will want hot work
     */
    public record Stopped(Map<PartId, String> holds, Set<PartId> hot) {
        public Stopped {
            holds = Map.copyOf(holds);
            hot = Set.copyOf(hot);
        }
    }

    /** @param undone what each part that is not finished still wants */
    public SignOff(
            Cabin cabin,
            StripLog strip,
            RefitLog refit,
            Custody custody,
            Stopped stopped,
            Map<PartId, List<Undone>> undone) {
        this.cabin = cabin;
        this.strip = strip;
        this.refit = refit;
        this.custody = custody;
        this.stopped = stopped;
        this.undone = Map.copyOf(undone);
    }

    /** What speaks against putting the part back now, what no word puts aside first; empty if nothing does. */
    public List<Objection> objections(PartId part) {
        if (!strip.isOff(part)) return List.of(new Objection.NotOff());
        var objections = new ArrayList<Objection>();
        var under = Covering.under(strip, part);
        for (var held : under)
            if (stopped.holds().containsKey(held))
                objections.add(new Objection.Held(held, stopped.holds().get(held)));
        custody.findAway(part).ifPresent(away -> objections.add(new Objection.Elsewhere(away)));
        for (var left : custody.shutInBy(part, refit.parts())) objections.add(new Objection.ShutsIn(left));
        for (var link : RefitLinks.waitsFor(strip, part, stillOut())) objections.add(new Objection.TooEarly(link));
        for (var one : undone.getOrDefault(part, List.of())) objections.add(new Objection.Unfinished(one));
        for (var hidden : under)
            if (!hidden.equals(part) && !strip.isOff(hidden))
                for (var one : undone.getOrDefault(hidden, List.of()))
                    objections.add(new Objection.InTheWay(hidden, one));
        hotWorkNear(part, under).forEach(objections::add);
        var places = places(strip, part);
        var usable = usable(strip, part);
        if (usable < places) objections.add(new Objection.Short(places, usable));
        return objections;
    }

    private Stream<Objection> hotWorkNear(PartId part, Set<PartId> under) {
        return stopped.hot().stream()
                .filter(held -> !under.contains(held))
                .filter(held -> cabin.one(held)
                        .spot()
                        .zone()
                        .isNear(cabin.one(part).spot().zone()))
                .sorted()
                .map(held -> new Objection.NearHotWork(
                        held, Objects.requireNonNull(stopped.holds().get(held))));
    }

    /** What is back in. */
    public Set<PartId> fitted() {
        return refit.parts();
    }

    /** Whether it can go back today, or only its fixings are short. */
    public boolean canGoBack(PartId part) {
        return objections(part).stream().allMatch(Objection.Short.class::isInstance);
    }

    /** What is not finished, by part. */
    public Map<PartId, List<Undone>> undone() {
        return undone;
    }

    public StripLog strip() {
        return strip;
    }

    public RefitLog refit() {
        return refit;
    }

    public Custody custody() {
        return custody;
    }

    /** Why each part that is held is. */
    public Map<PartId, String> holds() {
        return stopped.holds();
    }

    /** The parts that are off and not yet back, but for those that are not to come back at all. */
    public Set<PartId> stillOut() {
        var out = new TreeSet<>(strip.off());
        out.removeIf(custody::isNotToComeBack);
        return out;
    }

    /** How many fixings the part has to be signed off with; a place of which nobody has said anything is one, too. */
    public static int places(StripLog strip, PartId part) {
        return FixingLedger.of(strip, part).stream()
                .mapToInt(FixingLedger.Row::places)
                .sum();
    }

    /** How many of them can go back. */
    public static int usable(StripLog strip, PartId part) {
        return FixingLedger.of(strip, part).stream()
                .mapToInt(row -> Math.min(row.usable(), row.places()))
                .sum();
    }

    /** The parts that are out and would cover a held one. */
    public List<PartId> stoppedBy(PartId held) {
        return stillOut().stream()
                .filter(part ->
                        !part.equals(held) && Covering.under(strip, part).contains(held))
                .toList();
    }
}
