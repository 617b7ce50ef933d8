package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.SheetUses;
import welumen.cut.Stock;
import welumen.cut.nest.Nester;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What is laid again once a plan stands: a piece that was spoilt, and the pieces of two hides that change places. */
public record Relaid(CutProblem problem, CutPlan plan) {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(30);

    /**
     * A spoilt piece once more, on what is left of the hides that are open and on offcuts; a new one is begun only where it
     * finds no place on those. All else stays where it lies, the spoilt one too; what was cut from takes nothing more.
     */
    public static Parsed<Relaid> spoilt(CutProblem problem, CutPlan plan, CutLog log, Placement spoilt) {
        var more = problem.pieces().stream()
                .map(piece -> piece.id().equals(spoilt.piece()) ? piece.times(piece.quantity() + 1) : piece)
                .toList();
        var again = Remaining.of(new CutProblem(problem.gap(), more, problem.stock(), plan.placements()), log);
        var found = again.merged(Nester.lay(again.open(), SHORT, (_, _) -> {}, () -> false));
        if (found.placements().size() == plan.placements().size())
            return new Refused<>("The %s has no place left: %s."
                    .formatted(
                            spoilt.piece().replace('-', ' '),
                            found.unplaced().stream()
                                    .filter(left -> left.piece().equals(spoilt.piece()))
                                    .map(CutPlan.Unplaced::reason)
                                    .findFirst()
                                    .orElse("every hide is full")));
        return new Understood<>(new Relaid(again.whole(), found));
    }

    /** What lies on one hide on the other instead, and the other way round; refused with what finds no place there. */
    public static Parsed<Relaid> swapped(CutProblem problem, CutPlan plan, String one, String other) {
        var moved = laid(problem, plan, one, other)
                .flatMap(there -> laid(problem, plan, other, one)
                        .map(back ->
                                Stream.concat(there.stream(), back.stream()).toList()));
        return moved.map(placements -> {
            var all = new ArrayList<>(plan.placements().stream()
                    .filter(placement ->
                            !placement.stock().equals(one) && !placement.stock().equals(other))
                    .toList());
            all.addAll(placements);
            var pins = problem.pinned().stream().filter(all::contains).toList();
            var anew = problem.withPinned(pins);
            return new Relaid(anew, new CutPlan(all, plan.unplaced(), SheetUses.of(anew, all), plan.rounds()));
        });
    }

    /** The pieces of one stock on another alone. */
    private static Parsed<List<Placement>> laid(CutProblem problem, CutPlan plan, String from, String to) {
        var placements = plan.on(from);
        if (placements.isEmpty()) return new Understood<>(List.of());
        var counts = placements.stream().collect(Collectors.groupingBy(Placement::piece, Collectors.counting()));
        var pieces = problem.pieces().stream()
                .filter(piece -> counts.containsKey(piece.id()))
                .map(piece -> piece.times(counts.get(piece.id()).intValue()))
                .toList();
        Stock onto = problem.stock(to);
        var found = Nester.lay(
                new CutProblem(problem.gap(), pieces, List.of(onto), List.of()), SHORT, (_, _) -> {}, () -> false);
        if (!found.unplaced().isEmpty())
            return new Refused<>("They do not change places: the %s finds no place on %s, where %s."
                    .formatted(
                            found.unplaced().getFirst().piece().replace('-', ' '),
                            to,
                            found.unplaced().getFirst().reason()));
        return new Understood<>(copies(placements, found, to));
    }

    /** Each copy keeps its number. */
    private static List<Placement> copies(List<Placement> before, CutPlan found, String to) {
        var left = new ArrayList<>(before);
        var moved = new ArrayList<Placement>();
        for (var placement : found.placements()) {
            var own = left.stream()
                    .filter(one -> one.piece().equals(placement.piece()))
                    .findFirst()
                    .orElseThrow();
            left.remove(own);
            moved.add(new Placement(own.piece(), own.copy(), to, placement.pose()));
        }
        return moved;
    }
}
