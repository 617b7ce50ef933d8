package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.shape.Pose;

/**
 * Lays all pieces out once, one after the other: each on the first open sheet that has a place for it, there on the best
 * place; a new sheet is opened when none has. A bottom-left rule on true shapes (Dowsland, Vaid and Dowsland, European
 * Journal of Operational Research 141, 2002), with the box round all pieces as its measure on hides.
 */
final class Spread {
    /** One copy of a piece. */
    record Copy(CutPiece piece, int number) {}

    /** What a run does: the order of pieces and of stock, the taste, and how many turns it tries. */
    record Way(List<Copy> order, List<PreparedStock> grounds, Taste taste, Tries tries) {}

    private final CutProblem problem;
    private final AttitudeChoice choice;

    Spread(CutProblem problem, AttitudeChoice choice) {
        this.problem = problem;
        this.choice = choice;
    }

    /** The placements, those pinned first; empty if it was stopped on the way. */
    Optional<List<Placement>> run(Way way, RandomGenerator random, StopSignal stop) {
        Map<PreparedStock, Sheet> open = new HashMap<>();
        for (var ground : way.grounds()) open.put(ground, new Sheet(ground, problem.gap(), way.taste()));
        var placements = new ArrayList<>(problem.pinned());
        for (var pinned : problem.pinned()) layPinned(pinned, open);
        var hopeless = new HashSet<String>();
        for (var copy : way.order()) {
            if (stop.stopRequested()) return Optional.empty();
            if (hopeless.contains(copy.piece().id()))
                continue; // one like it found no place, and nothing has moved since
            var placed = lay(copy, way, open, random, stop);
            placed.ifPresentOrElse(
                    placements::add, () -> hopeless.add(copy.piece().id()));
        }
        return Optional.of(placements);
    }

    private static Sheet sheet(Map<PreparedStock, Sheet> open, PreparedStock ground) {
        return Objects.requireNonNull(open.get(ground));
    }

    private Optional<Placement> lay(
            Copy copy, Way way, Map<PreparedStock, Sheet> open, RandomGenerator random, StopSignal stop) {
        var opened =
                way.grounds().stream().filter(ground -> !sheet(open, ground).isEmpty());
        var fresh = way.grounds().stream().filter(ground -> sheet(open, ground).isEmpty());
        for (var ground : Stream.concat(opened, fresh).toList()) {
            if (!copy.piece().material().equals(ground.stock.material())) continue;
            var sheet = sheet(open, ground);
            var place = sheet.placeFor(choice.of(copy.piece(), ground.stock, random, way.tries()), stop);
            if (place.isEmpty()) continue;
            var found = place.get();
            sheet.lay(found.attitude(), found.dx(), found.dy());
            return Optional.of(new Placement(
                    copy.piece().id(),
                    copy.number(),
                    ground.stock.id(),
                    found.attitude().pose.at(found.dx(), found.dy())));
        }
        return Optional.empty();
    }

    private void layPinned(Placement pinned, Map<PreparedStock, Sheet> open) {
        Pose pose = pinned.pose();
        open.forEach((ground, sheet) -> {
            if (ground.stock.id().equals(pinned.stock()))
                sheet.lay(
                        Attitude.of(problem.piece(pinned.piece()), pose.turnDegrees(), pose.flipped()),
                        pose.x(),
                        pose.y());
        });
    }
}
