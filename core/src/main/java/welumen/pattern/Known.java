package welumen.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import welumen.cabin.PartId;

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
 */
public record Known(
        List<Trial> trials,
        Map<String, String> awaited,
        Map<String, List<SideStation>> stations,
        List<Clearance> clearances,
        Map<String, Padding> paddings,
        List<Likeness> likenesses,
        List<Lesson> lessons,
        Beneath beneath,
        Map<PartId, Map<String, String>> figures,
        List<CutAllowed> allowed) {
    public static final Known NOTHING = new Known(
            List.of(),
            Map.of(),
            Map.of(),
            List.of(),
            Map.of(),
            List.of(),
            List.of(),
            Beneath.NOTHING,
            Map.of(),
            List.of());

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
    }

    Known with(Trial trial) {
        return new Known(
                and(trials, trial, _ -> false),
                awaited,
                stations,
                clearances,
                paddings,
                likenesses,
                lessons,
                beneath,
                figures,
                allowed);
    }

    /** @param what empty for nothing any more */
    Known awaiting(String piece, String what) {
        var other = new HashMap<>(awaited);
        if (what.isBlank()) other.remove(piece);
        else other.put(piece, what);
        return new Known(trials, other, stations, clearances, paddings, likenesses, lessons, beneath, figures, allowed);
    }

    Known with(String piece, SideStation station) {
        var other = new HashMap<>(stations);
        other.put(
                piece,
                and(
                        stations.getOrDefault(piece, List.of()),
                        station,
                        old -> old.name().equals(station.name())));
        return new Known(trials, awaited, other, clearances, paddings, likenesses, lessons, beneath, figures, allowed);
    }

    Known with(Clearance clearance) {
        return new Known(
                trials,
                awaited,
                stations,
                and(clearances, clearance, old -> old.what().equals(clearance.what())),
                paddings,
                likenesses,
                lessons,
                beneath,
                figures,
                allowed);
    }

    Known with(String piece, Padding padding) {
        var other = new HashMap<>(paddings);
        other.put(piece, padding);
        return new Known(trials, awaited, stations, clearances, other, likenesses, lessons, beneath, figures, allowed);
    }

    Known with(Likeness likeness) {
        return alike(and(likenesses, likeness, old -> old.what().equals(likeness.what())));
    }

    Known without(String likeness) {
        return alike(
                likenesses.stream().filter(one -> !one.what().equals(likeness)).toList());
    }

    Known with(Lesson lesson) {
        return taught(and(lessons, lesson, _ -> false));
    }

    Known taken(int lesson, String piece) {
        var other = new ArrayList<>(lessons);
        other.set(lesson, other.get(lesson).takenBy(piece));
        return taught(other);
    }

    private Known alike(List<Likeness> others) {
        return new Known(trials, awaited, stations, clearances, paddings, others, lessons, beneath, figures, allowed);
    }

    private Known taught(List<Lesson> others) {
        return new Known(
                trials, awaited, stations, clearances, paddings, likenesses, others, beneath, figures, allowed);
    }

    Known with(Beneath other) {
        return new Known(trials, awaited, stations, clearances, paddings, likenesses, lessons, other, figures, allowed);
    }

    Known with(PartId part, String what, String typed) {
        var all = new HashMap<>(figures);
        var own = new HashMap<>(all.getOrDefault(part, Map.of()));
        if (typed.isBlank()) own.remove(what);
        else own.put(what, typed.strip());
        all.put(part, Map.copyOf(own));
        return new Known(trials, awaited, stations, clearances, paddings, likenesses, lessons, beneath, all, allowed);
    }

    Known with(CutAllowed one) {
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
                and(
                        allowed,
                        one,
                        old -> old.piece().equals(one.piece()) && old.against().equals(one.against())));
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

    /** A piece's, in the order in which they were made. */
    public List<Trial> trialsOf(String piece) {
        return trials.stream().filter(trial -> trial.piece().equals(piece)).toList();
    }

    /** The last try of a piece that was accepted. */
    public Optional<Trial> acceptedOf(String piece) {
        return trialsOf(piece).stream().filter(Trial::isAccepted).reduce((_, last) -> last);
    }
}
