package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.judge.SheetUses;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What is laid again once a plan stands: a piece that was spoilt, and the pieces of two hides that change places. */
public final class Relaid {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(12);

    private Relaid() {}

    /**
     * A spoilt piece once more, on what is left of the hides that are open and on offcuts; a new one is begun only where it
     * finds no place on those. All else stays where it lies, the spoilt one too; what was cut from takes nothing more.
     *
     * @param now what can be cut from now, with the offcuts of what was cut since the plan was made
     */
    public static Parsed<Laid> spoilt(Laid laid, List<Stock> now, CutLog log, Placement spoilt, StopSignal stop) {
        var problem = laid.problem();
        var more = problem.pieces().stream()
                .map(piece -> piece.id().equals(spoilt.piece()) ? piece.times(piece.quantity() + 1) : piece)
                .toList();
        var stock = new ArrayList<>(problem.stock());
        for (var one : now)
            if (problem.stock().stream().noneMatch(known -> known.id().equals(one.id()))) stock.add(one);
        var again = Remaining.of(
                new CutProblem(problem.gap(), more, stock, laid.plan().placements()), log);
        var found = again.merged(Nester.untilAllLie(again.open(), SHORT, stop));
        if (found.placements().size() == laid.plan().placements().size())
            return new Refused<>("The %s has no place left: %s."
                    .formatted(
                            spoilt.piece().replace('-', ' '),
                            found.unplaced().stream()
                                    .filter(left -> left.piece().equals(spoilt.piece()))
                                    .map(CutPlan.Unplaced::reason)
                                    .findFirst()
                                    .orElse("every hide is full")));
        return new Understood<>(new Laid(again.whole(), found));
    }

    /** What lies on one hide on the other instead, and the other way round; refused with what finds no place there. */
    public static Parsed<Laid> swapped(Laid laid, String one, String other, StopSignal stop) {
        return moved(laid, one, other, stop)
                .flatMap(there -> moved(laid, other, one, stop)
                        .map(back ->
                                Stream.concat(there.stream(), back.stream()).toList()))
                .map(placements -> with(laid, one, other, placements));
    }

    private static Laid with(Laid laid, String one, String other, List<Placement> moved) {
        var all = new ArrayList<>(laid.plan().placements().stream()
                .filter(placement ->
                        !placement.stock().equals(one) && !placement.stock().equals(other))
                .toList());
        all.addAll(moved);
        var anew = laid.problem()
                .withPinned(
                        laid.problem().pinned().stream().filter(all::contains).toList());
        return new Laid(
                anew,
                new CutPlan(
                        all,
                        laid.plan().unplaced(),
                        SheetUses.of(anew, all),
                        laid.plan().rounds()));
    }

    /** The pieces of one stock on another alone. */
    private static Parsed<List<Placement>> moved(Laid laid, String from, String to, StopSignal stop) {
        var problem = laid.problem();
        var placements = laid.plan().on(from);
        if (placements.isEmpty()) return new Understood<>(List.of());
        var counts = placements.stream().collect(Collectors.groupingBy(Placement::piece, Collectors.counting()));
        var pieces = problem.pieces().stream()
                .filter(piece -> counts.containsKey(piece.id()))
                .map(piece -> piece.times(
                        Objects.requireNonNull(counts.get(piece.id())).intValue()))
                .toList();
        var found = Nester.untilAllLie(
                new CutProblem(problem.gap(), pieces, List.of(problem.stock(to)), List.of()), SHORT, stop);
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
