package welumen.strip.reach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import welumen.strip.reach.LeastRemoval.Problem;

class LeastRemovalTest {
    private static final int FOREVER = Integer.MAX_VALUE;

    /** The cushion is under a lid or under a bar: the cheaper of the two comes off. */
    @Test
    void ofTwoWaysTheCheaperIsTaken() {
        var problem = problem(new long[] {1, 9, 4}, 0, List.of(List.of(ways(1, 2)), List.of(), List.of()));
        assertThat(LeastRemoval.of(problem, FOREVER)).hasValueSatisfying(answer -> {
            assertThat(answer.parts()).isEqualTo(ways(0, 2));
            assertThat(answer.cost()).isEqualTo(5);
            assertThat(answer.bound()).isEqualTo(5);
        });
    }

    /** Two things are each under one cheap part and one dear, and the dear one is the same: paid once, it is cheaper. */
    @Test
    void whatTwoPartsShareIsPaidOnce() {
        var clauses = List.of(List.of(ways(1, 3), ways(2, 3)), List.<BitSet>of(), List.<BitSet>of(), List.<BitSet>of());
        assertThat(LeastRemoval.of(problem(new long[] {1, 3, 3, 5}, 0, clauses), FOREVER))
                .hasValueSatisfying(answer -> assertThat(answer.parts()).isEqualTo(ways(0, 3)));
    }

    /** Lid and bar each hold the other: neither can be first, so the dear way is the only one. */
    @Test
    void aRingFreesNothing() {
        var clauses = List.of(List.of(ways(1, 3)), List.of(ways(2)), List.of(ways(1)), List.<BitSet>of());
        assertThat(LeastRemoval.of(problem(new long[] {1, 1, 1, 50}, 0, clauses), FOREVER))
                .hasValueSatisfying(answer -> assertThat(answer.parts()).isEqualTo(ways(0, 3)));
        var never = List.of(List.of(ways(1)), List.of(ways(2)), List.of(ways(1)), List.<BitSet>of());
        assertThat(LeastRemoval.of(problem(new long[] {1, 1, 1, 50}, 0, never), FOREVER))
                .isEmpty();
    }

    /** Against every subset of up to twelve parts, tried one by one. */
    @Property(tries = 400)
    void noSubsetIsCheaper(@ForAll long seed) {
        var random = new Random(seed);
        var problem = random(random, 5 + random.nextInt(8), 3);
        var least = bruteForce(problem);
        var answer = LeastRemoval.of(problem, FOREVER);
        assertThat(answer.isPresent()).isEqualTo(least < Long.MAX_VALUE);
        answer.ifPresent(found -> {
            assertThat(found.cost()).isEqualTo(least);
            assertThat(found.bound()).isEqualTo(least);
            assertThat(comesFree(problem, found.parts())).isTrue();
        });
    }

    /** Cut short, it still answers rightly, and its bound is no lie. */
    @Property(tries = 200)
    void cutShortItKeepsItsWord(@ForAll long seed) {
        var random = new Random(seed);
        var problem = random(random, 12, 3);
        var soon = LeastRemoval.of(problem, 1);
        var whole = LeastRemoval.of(problem, FOREVER);
        assertThat(soon.isPresent()).isEqualTo(whole.isPresent());
        soon.ifPresent(found -> {
            assertThat(comesFree(problem, found.parts())).isTrue();
            assertThat(found.bound()).isLessThanOrEqualTo(whole.orElseThrow().cost());
            assertThat(found.cost()).isGreaterThanOrEqualTo(whole.orElseThrow().cost());
        });
    }

    /** Mostly held by what was listed before, sometimes in rings; up to {@code most} ways out of each hold. */
    static Problem random(Random random, int size, int most) {
        var costs = random.longs(size, 1, 60).toArray();
        var clauses = new ArrayList<List<BitSet>>();
        for (var part = 0; part < size; part++) {
            var here = new ArrayList<BitSet>();
            for (var i = random.nextInt(3); i > 0; i--) {
                var ways = new BitSet();
                for (var j = 1 + random.nextInt(most); j > 0; j--) {
                    var reach = random.nextInt(4) == 0 ? size : Math.max(1, part);
                    var way = random.nextInt(reach);
                    if (way != part) ways.set(way);
                }
                if (!ways.isEmpty()) here.add(ways);
            }
            clauses.add(here);
        }
        return new Problem(costs, clauses, size - 1);
    }

    private static long bruteForce(Problem problem) {
        var size = problem.costs().length;
        var least = Long.MAX_VALUE;
        for (var bits = 0; bits < 1 << size; bits++) {
            var set = BitSet.valueOf(new long[] {bits});
            var cost = set.stream().mapToLong(part -> problem.costs()[part]).sum();
            if (set.get(problem.target()) && cost < least && comesFree(problem, set)) least = cost;
        }
        return least;
    }

    /** Whether all of the set come off, one after the other. */
    private static boolean comesFree(Problem problem, BitSet set) {
        var gone = new BitSet();
        for (var round = 0; round < set.cardinality(); round++)
            set.stream()
                    .filter(part -> problem.clauses().get(part).stream().allMatch(gone::intersects))
                    .forEach(gone::set);
        return gone.equals(set);
    }

    private static Problem problem(long[] costs, int target, List<List<BitSet>> clauses) {
        return new Problem(costs, clauses, target);
    }

    private static BitSet ways(int... parts) {
        var ways = new BitSet();
        for (var part : parts) ways.set(part);
        return ways;
    }
}
