package welumen.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Pose;

/**
 * A plan that the trimmer moves pieces on. What was moved stays where it was put, pinned, while the rest is laid again.
 *
 * @param problem with what is pinned
 */
public record ByHand(CutProblem problem, CutPlan plan) {
    /** A piece that lies a little over another one slides off it, so far at the most. */
    private static final double SLIDES_MM = 30;

    private static final double STEP_MM = 2;
    private static final int WAYS = 24;

    /** The piece there instead, or a little beside it where that is free; refused with what is in its way. */
    public Parsed<ByHand> moved(Placement from, String stock, Pose to) {
        var there = new Placement(from.piece(), from.copy(), stock, to);
        var others = new ArrayList<>(plan.placements());
        others.remove(from);
        for (var off = 0.0; off <= SLIDES_MM; off += STEP_MM)
            for (var way = 0; way < (off == 0 ? 1 : WAYS); way++) {
                var angle = 2 * Math.PI * way / WAYS;
                var tried = new Placement(
                        from.piece(),
                        from.copy(),
                        stock,
                        to.at(to.x() + off * Math.cos(angle), to.y() + off * Math.sin(angle)));
                if (isFree(others, tried)) return new Understood<>(with(others, tried));
            }
        others.add(there);
        return new Refused<>("It does not go there: "
                + PlanCheck.faults(problem, others).getFirst().said());
    }

    private boolean isFree(List<Placement> others, Placement tried) {
        var near = new ArrayList<Placement>();
        var box = Lies.of(problem, tried).shape().outline().box();
        for (var other : others) {
            if (!other.stock().equals(tried.stock())) continue;
            var lies = Lies.of(problem, other).shape().outline().box();
            if (lies.minX() - problem.gap() < box.maxX()
                    && lies.maxX() + problem.gap() > box.minX()
                    && lies.minY() - problem.gap() < box.maxY()
                    && lies.maxY() + problem.gap() > box.minY()) near.add(other);
        }
        near.add(tried);
        return PlanCheck.faults(problem, near).stream()
                .noneMatch(fault -> fault.said().contains("“%s, copy %d”".formatted(tried.piece(), tried.copy())));
    }

    private ByHand with(List<Placement> others, Placement moved) {
        others.add(moved);
        var pins = new ArrayList<>(problem.pinned());
        pins.removeIf(pin -> isSame(pin, moved));
        pins.add(moved);
        return new ByHand(
                new CutProblem(problem.gap(), problem.pieces(), problem.stock(), pins),
                new CutPlan(others, plan.unplaced(), SheetUses.of(problem, others), plan.rounds()));
    }

    /** Where it lies it stays, or not any more. */
    public ByHand pinned(Placement placement, boolean isPinned) {
        var pins = new ArrayList<>(problem.pinned());
        pins.removeIf(pin -> isSame(pin, placement));
        if (isPinned) pins.add(placement);
        return new ByHand(new CutProblem(problem.gap(), problem.pieces(), problem.stock(), pins), plan);
    }

    public boolean isPinned(Placement placement) {
        return problem.pinned().stream().anyMatch(pin -> isSame(pin, placement));
    }

    /** Where a copy lies. */
    public Optional<Placement> find(String piece, int copy) {
        return plan.placements().stream()
                .filter(placement -> placement.piece().equals(piece) && placement.copy() == copy)
                .findFirst();
    }

    private static boolean isSame(Placement one, Placement other) {
        return one.piece().equals(other.piece()) && one.copy() == other.copy();
    }
}
