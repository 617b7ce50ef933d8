package welumen.finish.underway;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.finish.coat.Cause;
import welumen.finish.coat.CoatStep;
import welumen.finish.coat.Ground;

/**
 * A surface on its way through its coats. Its steps are those that the tins gave when it was begun.
 *
 * @param id within its job
 * @param what it is, in words
 * @param part none where it is no part of the cabin, else one
 * @param squareMetres of it, over 0
 * @param done when each step was done, from the first; those behind it are still to be done
 */
public record Coating(
        String id,
        String what,
        List<PartId> part,
        Ground ground,
        double squareMetres,
        List<CoatStep> steps,
        List<Instant> done,
        List<Flaw> flaws,
        List<Tried> tried) {
    /** The grit that a coat is flatted back with where the next one comes too late to bite. */
    private static final int KEYED = 800;

    public Coating {
        part = List.copyOf(part);
        steps = List.copyOf(steps);
        done = List.copyOf(done);
        flaws = List.copyOf(flaws);
        tried = List.copyOf(tried);
        if (steps.isEmpty()) throw new IllegalArgumentException("“%s” has no steps.".formatted(what));
        if (!(squareMetres > 0 && squareMetres < 100))
            throw new IllegalArgumentException("[%s m²] are no surface. Type it as 0.4.".formatted(squareMetres));
        if (done.size() > steps.size())
            throw new IllegalArgumentException("Of “%s” more is done than there was to do.".formatted(what));
    }

    /** Nothing of it is done yet. */
    public static Coating begun(
            String id, String what, List<PartId> part, Ground ground, double squareMetres, List<CoatStep> steps) {
        return new Coating(id, what, part, ground, squareMetres, steps, List.of(), List.of(), List.of());
    }

    /** What comes next; empty where all is done. */
    public Optional<CoatStep> next() {
        return isDone() ? Optional.empty() : Optional.of(steps.get(done.size()));
    }

    public boolean isDone() {
        return done.size() == steps.size();
    }

    public List<CoatStep> left() {
        return steps.subList(done.size(), steps.size());
    }

    public List<Flaw> openFlaws() {
        return flaws.stream().filter(flaw -> !flaw.isMended()).toList();
    }

    public int nextFlaw() {
        return flaws.stream().mapToInt(Flaw::number).max().orElse(0) + 1;
    }

    /** What the step that comes next is tried by; on a hidden face, before the first coat, whether it holds and stands water. */
    public List<Trial> trials() {
        if (next().filter(step -> step.kind() == CoatStep.Kind.TRY).isEmpty()) return List.of();
        return done.size() == steps.size() - 1 ? Trial.of(ground) : List.of(Trial.RUB, Trial.WET);
    }

    /** What it showed at the step that comes next; empty where it was not tried there yet. */
    public Optional<Tried> found(Trial trial) {
        return tried.stream()
                .filter(one -> one.step() == done.size() && one.trial() == trial)
                .reduce((_, later) -> later);
    }

    Coating stepDone(Instant at) {
        if (isDone()) return this;
        var more = new ArrayList<>(done);
        more.add(at);
        return with(steps, more, flaws, tried);
    }

    /** It was flatted back in between, so that the next coat bites again. */
    Coating keyed(Instant at) {
        var all = new ArrayList<>(steps);
        all.add(done.size(), CoatStep.key("flatted back, since the next coat came late", KEYED));
        return with(all, done, flaws, tried).stepDone(at);
    }

    Coating mapped(Flaw flaw) {
        var more = new ArrayList<>(flaws);
        more.removeIf(one -> one.number() == flaw.number());
        more.add(flaw);
        return with(steps, done, more, tried);
    }

    Coating mended(int number) {
        return with(
                steps,
                done,
                flaws.stream()
                        .map(flaw -> flaw.number() == number ? flaw.mended() : flaw)
                        .toList(),
                tried);
    }

    Coating unmapped(int number) {
        return with(
                steps,
                done,
                flaws.stream().filter(flaw -> flaw.number() != number).toList(),
                tried);
    }

    Coating tried(Tried one) {
        var more = new ArrayList<>(tried);
        more.add(one);
        return with(steps, done, flaws, more);
    }

    /** One goes back to the step that the cause asks for; what was done before it stands. */
    Coating wentWrong(Cause cause) {
        var from = Math.min(done.size(), cause.backTo(steps));
        return with(
                steps,
                done.subList(0, from),
                flaws,
                tried.stream().filter(one -> one.step() < from).toList());
    }

    private Coating with(List<CoatStep> all, List<Instant> times, List<Flaw> marks, List<Tried> trials) {
        return new Coating(id, what, part, ground, squareMetres, all, times, marks, trials);
    }
}
