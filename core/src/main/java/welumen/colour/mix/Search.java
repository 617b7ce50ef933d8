package welumen.colour.mix;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.IntStream;

/** Looks through the sets of tints for the mix nearest to an aim: each set by its shares' logarithms, downhill from a few places. */
final class Search {
    /** Least share of a tint, as a logarithm: a drop in a litre. */
    private static final double LEAST = Math.log(2e-5);

    private static final double MOST = 0;

    /** Of tints of which every set is looked through; of more, those that the best mixes of few point at. */
    private static final int ALL_SETS = 13;

    /** Above so many tints in a mix only few are looked through. */
    private static final int MANY = 4;

    private static final int FEW = 8;

    /** Masses of the others beside one that is most of a mix: the nearest of these is where one begins. */
    private static final List<Double> OTHERS = List.of(0.3, 0.07, 0.012);

    private final Film film;
    private final Aim aim;
    private final ToDoubleBiFunction<int[], double[]> burden;

    Search(Film film, Aim aim) {
        this(film, aim, (_, _) -> 0);
    }

    /** @param burden what speaks against masses of some tints, beside a colour difference */
    Search(Film film, Aim aim, ToDoubleBiFunction<int[], double[]> burden) {
        this.film = film;
        this.aim = aim;
        this.burden = burden;
    }

    /**
     * The best of each set, by their count and then the best first.
     *
     * @param most tints in a set
     * @param enough the difference at which more tints are not looked for
     */
    List<List<Found>> bySize(int most, double enough) {
        var among = IntStream.range(0, film.tints()).toArray();
        var sizes = new ArrayList<List<Found>>();
        for (var size = 1; size <= Math.min(most, film.tints()); size++) {
            if (size == 3) among = pointedAt(sizes.get(1), among, ALL_SETS);
            if (size > MANY) among = pointedAt(sizes.getLast(), among, FEW);
            sizes.add(sets(among, size).stream()
                    .map(this::best)
                    .sorted(Comparator.comparingDouble(Found::score))
                    .toList());
            if (sizes.getLast().stream().anyMatch(found -> found.difference() <= enough)) break;
        }
        return sizes;
    }

    /** The tints of the best sets, the first of them first, as many as are looked through in full. */
    private static int[] pointedAt(List<Found> best, int[] among, int most) {
        if (among.length <= most) return among;
        return best.stream()
                .flatMapToInt(found -> Arrays.stream(found.tints()))
                .distinct()
                .limit(most)
                .sorted()
                .toArray();
    }

    private static List<int[]> sets(int[] among, int size) {
        var sets = new ArrayList<int[]>();
        choose(among, size, 0, new int[0], sets);
        return sets;
    }

    private static void choose(int[] among, int size, int from, int[] so, List<int[]> sets) {
        if (so.length == size) {
            sets.add(so);
            return;
        }
        for (var i = from; i < among.length; i++) {
            var more = Arrays.copyOf(so, so.length + 1);
            more[so.length] = among[i];
            choose(among, size, i + 1, more, sets);
        }
    }

    /** Of one set, from where each of its tints is most of the mix. */
    private Found best(int[] tints) {
        if (tints.length == 1) return Found.of(film, aim, tints, new double[] {1});
        return IntStream.range(0, tints.length)
                .mapToObj(main -> OTHERS.stream()
                        .map(others -> beginning(tints.length, main, others))
                        .min(Comparator.comparingDouble(
                                begin -> squares(aim.residuals(film.shares(tints, masses(begin))))))
                        .orElseThrow())
                .map(begin -> from(tints, begin))
                .min(Comparator.comparingDouble(Found::score))
                .orElseThrow();
    }

    private static double[] beginning(int count, int main, double others) {
        var begin = new double[count];
        Arrays.fill(begin, Math.log(others));
        begin[main] = 0;
        return begin;
    }

    private static double squares(double[] all) {
        return Arrays.stream(all).map(one -> one * one).sum();
    }

    /** @param begin logarithms of masses */
    Found from(int[] tints, double[] begin) {
        var fitted = LocalFit.of(begin, LEAST, MOST, logs -> {
            var masses = masses(logs);
            var residuals = aim.residuals(film.shares(tints, masses));
            var all = Arrays.copyOf(residuals, residuals.length + 2);
            all[residuals.length] = 1e-3 * (Arrays.stream(masses).sum() - 1); // their scale says nothing else
            all[residuals.length + 1] = burden.applyAsDouble(tints, masses);
            return all;
        });
        return Found.of(film, aim, tints, masses(fitted));
    }

    private static double[] masses(double[] logs) {
        return Arrays.stream(logs).map(Math::exp).toArray();
    }
}
