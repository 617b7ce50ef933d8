package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.CutPiece;
import welumen.cut.Turns;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;

/** Which attitudes a piece is tried in on a stock: those that its turns, its face and its stretch allow. */
final class AttitudeChoice {
    private record Key(String piece, double turn, boolean flipped) {}

    private static final int RANDOM_TURNS = 2;

    private final Map<Key, Attitude> made = new HashMap<>();

    /** The quarter turns, those along the stretch or in the list, and for a free piece a few by chance. */
    List<Attitude> of(CutPiece piece, Stock stock, RandomGenerator random, Tries tries) {
        var turns = new LinkedHashSet<Double>();
        switch (piece.turns()) {
            case Turns.AsDrawn() -> turns.add(0.0);
            case Turns.Half() -> turns.addAll(List.of(0.0, 180.0));
            case Turns.Listed(var angles) -> turns.addAll(some(angles, tries));
            case Turns.Free() -> addFree(turns, piece, stock, random, tries);
        }
        var attitudes = new ArrayList<Attitude>();
        for (var turn : turns)
            for (var flipped : piece.flip() && tries != Tries.STRAIGHT ? List.of(false, true) : List.of(false))
                if (piece.mayLie(turn, flipped, stock)) attitudes.add(made(piece, turn, flipped));
        return attitudes;
    }

    /** Of a long list some that lie evenly in it; all of them where it is asked whether there is any place at all. */
    private static List<Double> some(List<Double> angles, Tries tries) {
        var most = switch (tries) {
            case STRAIGHT -> 4;
            case QUARTERS -> 24;
            case MANY -> angles.size();
        };
        return angles.size() <= most
                ? angles
                : IntStream.range(0, most)
                        .mapToObj(i -> angles.get(i * angles.size() / most))
                        .toList();
    }

    private static void addFree(
            LinkedHashSet<Double> turns, CutPiece piece, Stock stock, RandomGenerator random, Tries tries) {
        var onTheWhole = Stretch.onTheWhole(stock.stretch());
        if (piece.stretch() instanceof Stretch.Along(var own, var within) && onTheWhole.isPresent()) {
            var ground = onTheWhole.getAsDouble();
            turns.add(ground - own);
            turns.add(ground - own + 180);
            if (tries == Tries.MANY && within > 0)
                for (var half : List.of(0.0, 180.0))
                    turns.add(ground - own + half + Math.rint((random.nextDouble() * 2 - 1) * within));
            if (piece.flip()) turns.addAll(List.of(ground + own, ground + own + 180));
            return;
        }
        turns.addAll(tries == Tries.STRAIGHT ? List.of(0.0, 180.0) : List.of(0.0, 90.0, 180.0, 270.0));
        if (tries == Tries.MANY) for (var i = 0; i < RANDOM_TURNS; i++) turns.add(15.0 * random.nextInt(24));
    }

    private Attitude made(CutPiece piece, double turn, boolean flipped) {
        return made.computeIfAbsent(
                new Key(piece.id(), turn, flipped), key -> Attitude.of(piece, key.turn(), key.flipped()));
    }
}
