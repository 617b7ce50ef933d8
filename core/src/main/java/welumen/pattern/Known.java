package welumen.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange.PieceMadeOf.Parent;

/**
 * What is known about pieces beside how they are drawn.
 *
 * @param trials in the order in which they were made
 * @param awaited what a piece is not cut before, by its name
 * @param stations what the two sides measure, by the piece's name
 * @param clearances of the whole car
 * @param paddings what a piece of foam or felt is, by its name
 * @param likenesses what the design has in common with a reference
 * @param lessons what first sides taught, in that order
 * @param beneath what lies under coverings, and which pieces it has outgrown
 * @param figures what was typed at the bench for a part, by part and by what it is
 * @param allowed what may be cut though something speaks against it
 * @param parents what a piece was made of, by its name
 */
public record Known(
        List<Trial> trials,
        Map<String, String> awaited,
        Map<String, List<SideStation>> stations,
        List<Clearance> clearances,
        Map<String, Padding> paddings,
        List<Likeness> likenesses,
        List<Lesson> lessons,
        CoveringLayers beneath,
        Map<PartId, Map<String, String>> figures,
        List<CutAllowed> allowed,
        Map<String, List<Parent>> parents) {
    public static final Known NOTHING = new Known(
            List.of(),
            Map.of(),
            Map.of(),
            List.of(),
            Map.of(),
            List.of(),
            List.of(),
            CoveringLayers.NOTHING,
            Map.of(),
            List.of(),
            Map.of());

    public Known {
        trials = List.copyOf(trials);
        awaited = Map.copyOf(awaited);
        stations = Map.copyOf(stations);
        clearances = List.copyOf(clearances);
        paddings = Map.copyOf(paddings);
        likenesses = List.copyOf(likenesses);
        lessons = List.copyOf(lessons);
        figures = Map.copyOf(figures);
        allowed = List.copyOf(allowed);
        parents = Map.copyOf(parents);
    }

    /** @param of empty for a piece that is not there any more */
    Known madeOf(String piece, List<Parent> of) {
        var next = new Next(this);
        next.parents = and(parents, piece, Optional.of(of).filter(some -> !some.isEmpty()));
        return next.known();
    }

    Known with(Trial trial) {
        var next = new Next(this);
        next.trials = and(trials, trial, _ -> false);
        return next.known();
    }

    /** @param what empty for nothing any more */
    Known awaiting(String piece, String what) {
        var next = new Next(this);
        next.awaited = and(awaited, piece, what.isBlank() ? Optional.empty() : Optional.of(what));
        return next.known();
    }

    Known with(String piece, SideStation station) {
        var next = new Next(this);
        var here = and(
                stations.getOrDefault(piece, List.of()),
                station,
                old -> old.name().equals(station.name()));
        next.stations = and(stations, piece, Optional.of(here));
        return next.known();
    }

    Known with(Clearance clearance) {
        var next = new Next(this);
        next.clearances = and(clearances, clearance, old -> old.what().equals(clearance.what()));
        return next.known();
    }

    Known with(String piece, Padding padding) {
        var next = new Next(this);
        next.paddings = and(paddings, piece, Optional.of(padding));
        return next.known();
    }

    Known with(Likeness likeness) {
        var next = new Next(this);
        next.likenesses = and(likenesses, likeness, old -> old.what().equals(likeness.what()));
        return next.known();
    }

    Known without(String likeness) {
        var next = new Next(this);
        next.likenesses =
                likenesses.stream().filter(one -> !one.what().equals(likeness)).toList();
        return next.known();
    }

    Known with(Lesson lesson) {
        var next = new Next(this);
        next.lessons = and(lessons, lesson, _ -> false);
        return next.known();
    }

    Known taken(int lesson, String piece) {
        var next = new Next(this);
        var others = new ArrayList<>(lessons);
        others.set(lesson, others.get(lesson).takenBy(piece));
        next.lessons = others;
        return next.known();
    }

    Known with(CoveringLayers other) {
        var next = new Next(this);
        next.beneath = other;
        return next.known();
    }

    Known with(PartId part, String what, String typed) {
        var next = new Next(this);
        var own = and(
                figures.getOrDefault(part, Map.of()),
                what,
                typed.isBlank() ? Optional.empty() : Optional.of(typed.strip()));
        next.figures = and(figures, part, Optional.of(own));
        return next.known();
    }

    Known with(CutAllowed one) {
        var next = new Next(this);
        next.allowed = and(
                allowed,
                one,
                old -> old.piece().equals(one.piece()) && old.against().equals(one.against()));
        return next.known();
    }

    /** The same while one of its parts is exchanged for another; never leaves this record. */
    private static final class Next {
        private List<Trial> trials;
        private Map<String, String> awaited;
        private Map<String, List<SideStation>> stations;
        private List<Clearance> clearances;
        private Map<String, Padding> paddings;
        private List<Likeness> likenesses;
        private List<Lesson> lessons;
        private CoveringLayers beneath;
        private Map<PartId, Map<String, String>> figures;
        private List<CutAllowed> allowed;
        private Map<String, List<Parent>> parents;

        Next(Known known) {
            trials = known.trials;
            awaited = known.awaited;
            stations = known.stations;
            clearances = known.clearances;
            paddings = known.paddings;
            likenesses = known.likenesses;
            lessons = known.lessons;
            beneath = known.beneath;
            figures = known.figures;
            allowed = known.allowed;
            parents = known.parents;
        }

        Known known() {
            return new Known(
                    trials,
                    awaited,
                    stations,
                    clearances,
                    paddings,
                    likenesses,
                    lessons,
                    beneath,
                    figures,
                    allowed,
                    parents);
        }
    }

    /** With one more under its name, in place of what stood there; without it where it is empty. */
    private static <K, V> Map<K, V> and(Map<K, V> all, K name, Optional<V> one) {
        var more = new HashMap<>(all);
        one.ifPresentOrElse(value -> more.put(name, value), () -> more.remove(name));
        return more;
    }

    /** What was typed of a part, if anything was. */
    public Optional<String> figure(PartId part, String what) {
        return Optional.ofNullable(figures.getOrDefault(part, Map.of()).get(what));
    }

    /** With one more, in place of those that it replaces. */
    private static <T> List<T> and(List<T> all, T one, Predicate<T> isReplaced) {
        var more = new ArrayList<>(all);
        more.removeIf(isReplaced);
        more.add(one);
        return List.copyOf(more);
    }

    /** What a piece was made of; nothing where it was drawn as it is. */
    public List<Parent> parentsOf(String piece) {
        return parents.getOrDefault(piece, List.of());
    }

    /** A piece's, in the order in which they were made. */
    public List<Trial> trialsOf(String piece) {
        return trials.stream().filter(trial -> trial.piece().equals(piece)).toList();
    }

    /** The last try of a piece that was accepted. */
    public Optional<Trial> acceptedOf(String piece) {
        return trialsOf(piece).stream().filter(Trial::isAccepted).reduce((_, last) -> last);
    }
}
