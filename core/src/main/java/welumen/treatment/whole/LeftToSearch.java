package welumen.treatment.whole;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.treatment.whole.Relaxation.Selection;

/**
 * What is left of the trees once all is taken away that cannot be part of a better set, by constraint programming with
 * clause learning (CP-SAT).
 */
final class LeftToSearch {
    private final CpModel model = new CpModel();
    private final Relaxation relaxation;
    private final double room;
    private final LinearExprBuilder[] sums = new LinearExprBuilder[Goal.values().length];
    private final Map<PartId, Map<Integer, List<Literal>>> chosen = new HashMap<>();

    /** @param found the best that was met, or empty; @param isSure whether there is none better within the room; @param spent of the patience */
    record Answer(Optional<Selection> found, boolean isSure, double spent) {}

    /** @param room how far above its bound a set may lie */
    private LeftToSearch(Relaxation relaxation, double room) {
        this.relaxation = relaxation;
        this.room = room;
        for (var i = 0; i < sums.length; i++) sums[i] = LinearExpr.newBuilder();
    }

    /** @param patience in the solver's own time, which is the same on every machine */
    static Answer better(
            List<Tree> trees, Relaxation relaxation, Goal goal, long[] limits, double room, double patience) {
        var within = new LeftToSearch(relaxation, room);
        for (var tree : trees) within.add(tree, within.model.trueLiteral(), 0);
        return within.solve(goal, limits, patience);
    }

    private Answer solve(Goal goal, long[] limits, double patience) {
        for (var i = 0; i < sums.length; i++) if (limits[i] != Long.MAX_VALUE) model.addLessOrEqual(sums[i], limits[i]);
        model.minimize(sums[goal.ordinal()]);
        var solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(1)
                .setLinearizationLevel(2)
                .setMaxDeterministicTime(patience);
        var status = solver.solve(model);
        var spent = solver.response().getDeterministicTime();
        return switch (status) {
            case OPTIMAL, FEASIBLE -> new Answer(Optional.of(set(solver)), status == CpSolverStatus.OPTIMAL, spent);
            case INFEASIBLE -> new Answer(Optional.empty(), true, spent);
            case UNKNOWN -> new Answer(Optional.empty(), false, spent);
            case MODEL_INVALID, UNRECOGNIZED -> throw new IllegalStateException(model.validate());
        };
    }

    private Selection set(CpSolver solver) {
        var ways = new HashMap<PartId, Integer>();
        chosen.forEach((part, options) -> options.forEach((option, literals) -> {
            if (literals.stream().anyMatch(solver::booleanValue)) ways.put(part, option);
        }));
        var amounts = new long[sums.length];
        for (var i = 0; i < sums.length; i++) amounts[i] = solver.value(sums[i].build());
        return new Selection(ways, amounts);
    }

    private void add(Tree tree, Literal holds, double above) {
        switch (tree) {
            case Tree.Leaf leaf -> add(leaf, holds, above);
            case Tree.Choice choice -> {
                var open = choice.ways().stream()
                        .filter(way -> above + relaxation.more(choice, way) <= room)
                        .toList();
                var literals = oneOf(open.size(), holds);
                for (var i = 0; i < open.size(); i++) {
                    var more = above + relaxation.more(choice, open.get(i));
                    for (var part : open.get(i).parts()) add(part, literals.get(i), more);
                }
            }
        }
    }

    private void add(Tree.Leaf leaf, Literal holds, double above) {
        var open = new ArrayList<Integer>();
        for (var i = 0; i < leaf.options().length; i++) if (above + relaxation.more(leaf, i) <= room) open.add(i);
        var literals = oneOf(open.size(), holds);
        for (var i = 0; i < open.size(); i++) {
            chosen.computeIfAbsent(leaf.part(), _ -> new HashMap<>())
                    .computeIfAbsent(leaf.options()[open.get(i)], _ -> new ArrayList<>())
                    .add(literals.get(i));
            var amounts = leaf.amounts()[open.get(i)];
            for (var goal = 0; goal < sums.length; goal++)
                if (amounts[goal] != 0) sums[goal].addTerm(literals.get(i), amounts[goal]);
        }
    }

    /** So many literals, of which one holds where this holds, and none else. */
    private List<Literal> oneOf(int count, Literal holds) {
        if (count == 1) return List.of(holds);
        var literals = new ArrayList<Literal>();
        var sum = LinearExpr.newBuilder();
        for (var i = 0; i < count; i++) {
            BoolVar literal = model.newBoolVar("");
            literals.add(literal);
            sum.add(literal);
        }
        model.addEquality(sum.addTerm(holds, -1), 0);
        return literals;
    }
}
