package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.cloth.Repeat;
import welumen.cut.judge.SheetUses;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Pose;

/**
 * A plan that the trimmer moves pieces on. What was moved stays where it was put, pinned, while the rest is laid again. From one
 * move to the next it is kept what the stocks are like and what was judged, so that only what moved is looked at.
 *
 * @param problem with what is pinned
 */
public record ByHand(CutProblem problem, CutPlan plan, KnownTable known) {
    /** Distance in mm that a piece slides at the most, off another that it lies a little over. */
    private static final double SLIDES_MM = 30;

    private static final int ANY_GRADE = 4;
    private static final double STEP_MM = 2;
    private static final int WAYS = 24;

    /** Of which nothing is known yet. */
    public ByHand(CutProblem problem, CutPlan plan) {
        this(problem, plan, new KnownTable(problem));
    }

    /** Whether this is of just that plan. */
    public boolean isOf(CutProblem otherProblem, CutPlan otherPlan) {
        return problem.equals(otherProblem) && plan.equals(otherPlan);
    }

    /** The piece there instead, or a little beside it where that is free; refused with what is in its way. */
    public Parsed<ByHand> moved(Placement from, String stock, Pose to) {
        var others = new ArrayList<>(plan.placements());
        others.remove(from);
        var sheet = Sheet.asked(known.ground(problem.stock(stock)), problem, others);
        var piece = problem.piece(from.piece());
        var attitude = Attitude.of(piece, to.turnDegrees(), to.flipped());
        if (piece.mayLie(to.turnDegrees(), to.flipped(), problem.stock(stock)))
            for (var off = 0.0; off <= SLIDES_MM; off += STEP_MM)
                for (var way = 0; way < (off == 0 ? 1 : WAYS); way++) {
                    var angle = 2 * Math.PI * way / WAYS;
                    var beside = to.at(to.x() + off * Math.cos(angle), to.y() + off * Math.sin(angle));
                    var there = Repeat.snapped(piece, beside, problem.stock(stock));
                    if (!sheet.takes(attitude, there.x(), there.y())) continue;
                    var moved = with(others, new Placement(from.piece(), from.copy(), stock, there));
                    if (moved.known().judge().faults(moved.plan().placements()).isEmpty())
                        return new Understood<>(moved);
                }
        others.add(new Placement(from.piece(), from.copy(), stock, to));
        return new Refused<>("It does not go there: "
                + known.judge().faults(others).getFirst().said().replace('-', ' '));
    }

    /**
     * The same on leather that the grades call too poor for it, in the trimmer's own judgement; it is marked from then on. Only of a
     * piece that is cut once: of two alike the other would go there too.
     */
    public Parsed<ByHand> movedAnyway(Placement from, String stock, Pose to) {
        var piece = problem.piece(from.piece());
        if (piece.quantity() > 1)
            return new Refused<>("Two alike are cut of it: lower its grade at Pattern, if both may lie so.");
        return new ByHand(problem.with(piece.graded(ANY_GRADE)), plan).moved(from, stock, to);
    }

    /** What lies on poorer leather than the pattern wants, by the trimmer's own word. */
    public static List<String> onPoorer(CutProblem laid, List<CutPiece> wanted) {
        return laid.pinned().stream()
                .map(Placement::piece)
                .distinct()
                .filter(id -> wanted.stream()
                        .anyMatch(piece -> piece.id().equals(id)
                                && piece.grade() < laid.piece(id).grade()))
                .toList();
    }

    /** A piece turned about its middle by so many degrees, counter-clockwise; else as {@link #moved}. */
    public Parsed<ByHand> turned(Placement from, double degrees) {
        var middle = problem.piece(from.piece()).shape().outline().box().middle();
        var turned =
                new Pose(0, 0, from.pose().turnDegrees() + degrees, from.pose().flipped());
        var shift = from.pose().apply(middle).minus(turned.apply(middle));
        return moved(from, from.stock(), turned.at(shift.x(), shift.y()));
    }

    /** A piece shifted on its stock; else as {@link #moved}. */
    public Parsed<ByHand> shifted(Placement from, double dx, double dy) {
        return moved(
                from,
                from.stock(),
                from.pose().at(from.pose().x() + dx, from.pose().y() + dy));
    }

    private ByHand with(List<Placement> others, Placement moved) {
        var all = new ArrayList<>(others);
        all.add(moved);
        return of(pins(moved, true), new CutPlan(all, plan.unplaced(), SheetUses.of(problem, all), plan.rounds()));
    }

    /** Where it lies it stays, or not any more. */
    public ByHand pinned(Placement placement, boolean isPinned) {
        return of(pins(placement, isPinned), plan);
    }

    private ByHand of(CutProblem pinned, CutPlan changed) {
        return new ByHand(pinned, changed, known.with(pinned));
    }

    private CutProblem pins(Placement placement, boolean isPinned) {
        var pins = new ArrayList<>(problem.pinned());
        pins.removeIf(pin -> pin.piece().equals(placement.piece()) && pin.copy() == placement.copy());
        if (isPinned) pins.add(placement);
        return problem.withPinned(pins);
    }

    public boolean isPinned(Placement placement) {
        return problem.isPinned(placement.piece(), placement.copy());
    }

    /** Where a copy lies. */
    public Optional<Placement> find(String piece, int copy) {
        return plan.placements().stream()
                .filter(placement -> placement.piece().equals(piece) && placement.copy() == copy)
                .findFirst();
    }
}
