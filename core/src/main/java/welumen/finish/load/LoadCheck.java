package welumen.finish.load;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

/** Judges loads by the plain words of the problem, without anything of the planner. */
public final class LoadCheck {
    private LoadCheck() {}

    /** What is wrong, each a sentence; none where it holds. */
    public static List<String> faults(LoadProblem problem, LoadPlan plan) {
        var faults = new ArrayList<String>();
        var seen = new HashSet<String>();
        var used = new HashSet<Slot>();
        for (var load : plan.loads()) {
            if (!problem.slots().contains(load.slot()) || !used.add(load.slot()))
                faults.add("A load at %s has no slot of its own."
                        .formatted(load.slot().begins()));
            if (load.slot().length().compareTo(problem.needs()) < 0)
                faults.add("The slot at %s is too short.".formatted(load.slot().begins()));
            if (load.pieces().isEmpty() || load.pieces().size() > problem.holds())
                faults.add("The load at %s has %d pieces."
                        .formatted(load.slot().begins(), load.pieces().size()));
            if (!load.ready().equals(load.slot().ends().plus(problem.handled())))
                faults.add(
                        "The load at %s is ready at %s.".formatted(load.slot().begins(), load.ready()));
            for (var piece : load.pieces()) {
                if (!seen.add(piece.id())) faults.add("“%s” is sprayed twice.".formatted(piece.id()));
                if (piece.isHeld()) faults.add("“%s” is held and in a load.".formatted(piece.id()));
                if (!piece.colour().equals(load.colour()))
                    faults.add("“%s” is of another colour than its load.".formatted(piece.id()));
                if (piece.here().isAfter(load.slot().begins()))
                    faults.add("“%s” is not here when its load begins.".formatted(piece.id()));
            }
        }
        for (var i = 1; i < plan.loads().size(); i++)
            if (plan.loads()
                    .get(i)
                    .slot()
                    .begins()
                    .isBefore(plan.loads().get(i - 1).slot().ends())) faults.add("The loads are not in their order.");
        for (var piece : plan.left())
            if (!seen.add(piece.id())) faults.add("“%s” is lost twice.".formatted(piece.id()));
        for (var piece : problem.pieces())
            if (!seen.contains(piece.id())) faults.add("“%s” is lost.".formatted(piece.id()));
        return List.copyOf(faults);
    }
}
