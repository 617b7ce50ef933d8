package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import welumen.finish.load.Cans;
import welumen.finish.load.HardPiece;
import welumen.finish.load.LoadCheck;
import welumen.finish.load.LoadPlan;
import welumen.finish.load.LoadPlanner;
import welumen.finish.load.LoadProblem;
import welumen.finish.load.LoadRemedies;
import welumen.finish.load.Slot;
import welumen.yard.WorkingHours;

class LoadsTest {
    /** A Monday. */
    private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 4, 20, 8, 0);

    private static final WorkingHours EVENING = new WorkingHours(
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), LocalTime.of(18, 0), LocalTime.of(20, 30));
    private static final Duration HANDLED = Duration.ofHours(14);

    private static HardPiece piece(int number, String colour, LocalDateTime here, int waited) {
        return new HardPiece("p" + number, "piece " + number, 0.12, here, waited, colour, false, "");
    }

    private static List<HardPiece> twentyEight(boolean oneIsHidden) {
        var all = new ArrayList<HardPiece>();
        for (var i = 0; i < 28; i++)
            all.add(new HardPiece("p" + i, "piece " + i, 0.12, MONDAY, 0, "dark", oneIsHidden && i == 5, ""));
        return all;
    }

    private static LoadProblem problem(List<HardPiece> pieces) {
        return new LoadProblem(
                pieces,
                Slot.of(List.of(EVENING), MONDAY, 30),
                9,
                Duration.ofHours(2),
                HANDLED,
                Optional.of(LocalDateTime.of(2026, 4, 23, 10, 0)));
    }

    /** Four evenings, so Friday at half past ten; what would make it Thursday at ten is tried, each and in pairs. */
    @Test
    void twentyEightPiecesByThursdayAtTen() {
        var problem = problem(twentyEight(true));
        var plan = LoadPlanner.of(problem);
        assertThat(plan.loads()).hasSize(4);
        assertThat(plan.ready()).contains(LocalDateTime.of(2026, 4, 24, 10, 30));
        assertThat(plan.fits(problem)).isFalse();
        assertThat(plan.isProven()).isTrue();

        var tried = LoadRemedies.of(problem, plan);
        assertThat(tried).anySatisfy(one -> {
            assertThat(one.remedy().said())
                    .isEqualTo("leave out what nobody sees, and end 30 minutes sooner each time");
            assertThat(one.fits()).isTrue();
            assertThat(one.ready()).contains(LocalDateTime.of(2026, 4, 23, 10, 0));
        });
        assertThat(tried).anySatisfy(one -> {
            assertThat(one.remedy().said()).isEqualTo("leave out what nobody sees");
            assertThat(one.fits()).isFalse();
            assertThat(one.late()).isEqualTo(Duration.ofMinutes(30));
        });
        assertThat(tried).anySatisfy(one -> {
            assertThat(one.remedy().said())
                    .isEqualTo("leave out what nobody sees, and have whoever waits come at 10:30 on Thu 23 Apr");
            assertThat(one.fits()).isTrue();
        });
        assertThat(tried.getFirst().fits()).isTrue();
    }

    /** 28 × 0.12 × 3 ÷ 1.5 ÷ 0.92 = 7.30: eight, and one to spare; a new one after eleven pieces. */
    @Test
    void theCansAreCountedAndWhereTheyRunOut() {
        var cans = Cans.of(twentyEight(false), 3, 1.5);
        assertThat(cans.exact()).isCloseTo(7.30, within(0.005));
        assertThat(cans.needed()).isEqualTo(8);
        assertThat(cans.bought()).isEqualTo(9);
        assertThat(cans.turns().getFirst())
                .isEqualTo(new Cans.Turn(1, twentyEight(false).get(11)));
        assertThat(cans.turns()).hasSize(7);
    }

    /** What is at the plater's goes last, what is held in none, what somebody waits for first. */
    @Test
    void whatIsElsewhereGoesLastAndWhatIsWaitedForFirst() {
        var pieces = new ArrayList<HardPiece>();
        for (var i = 0; i < 18; i++) pieces.add(piece(i, "dark", i < 2 ? MONDAY.plusDays(2) : MONDAY, i == 17 ? 3 : 0));
        pieces.add(new HardPiece("p18", "column cowl", 0.1, MONDAY, 0, "dark", false, "airbag"));
        var plan = LoadPlanner.of(problem(pieces));
        assertThat(plan.loads().getFirst().pieces()).extracting(HardPiece::id).contains("p17");
        assertThat(plan.loads().getLast().pieces()).extracting(HardPiece::id).contains("p0", "p1");
        assertThat(plan.left()).extracting(HardPiece::id).containsExactly("p18");
        assertThat(plan.loads().stream().mapToInt(load -> load.pieces().size()).sum())
                .isEqualTo(18);
    }

    /** Against every way to put up to six pieces of two colours in up to five slots. */
    @Test
    void neverLaterThanTheBestOfAllWays() {
        for (var seed = 0; seed < 120; seed++) {
            var random = new Random(seed);
            var pieces = new ArrayList<HardPiece>();
            for (var i = 0; i < 3 + random.nextInt(4); i++)
                pieces.add(piece(
                        i,
                        random.nextBoolean() ? "dark" : "sand",
                        MONDAY.plusDays(random.nextInt(3)),
                        random.nextInt(4)));
            var problem = new LoadProblem(
                    pieces,
                    Slot.of(List.of(EVENING), MONDAY, 7),
                    1 + random.nextInt(3),
                    Duration.ofHours(2),
                    HANDLED,
                    Optional.empty());
            var plan = LoadPlanner.of(problem);
            var best = bestOfAll(problem);
            assertThat(LoadCheck.faults(problem, plan)).isEmpty();
            assertThat(plan.left()).as("of seed %d", seed).hasSize(best[0]);
            if (best[0] == 0) {
                assertThat(problem.slots().indexOf(plan.loads().getLast().slot()))
                        .as("the last load of seed %d", seed)
                        .isEqualTo(best[1]);
                assertThat(waited(problem, plan))
                        .as("the waiting of seed %d", seed)
                        .isEqualTo(best[2]);
            }
        }
    }

    private static int waited(LoadProblem problem, LoadPlan plan) {
        return plan.loads().stream()
                .mapToInt(load -> problem.slots().indexOf(load.slot())
                        * load.pieces().stream().mapToInt(HardPiece::waitedFor).sum())
                .sum();
    }

    /** Fewest left out, then the last slot, then the slots by what waits. */
    private static int[] bestOfAll(LoadProblem problem) {
        var best = new int[] {Integer.MAX_VALUE, 0, 0};
        var slots = problem.slots().size();
        var ways = (long) Math.pow(slots + 1, problem.pieces().size());
        for (long way = 0; way < ways; way++) {
            var rest = way;
            var at = new int[problem.pieces().size()];
            for (var i = 0; i < at.length; i++) {
                at[i] = (int) (rest % (slots + 1)) - 1;
                rest /= slots + 1;
            }
            if (!isAllowed(problem, at)) continue;
            var left = (int) IntStream.of(at).filter(slot -> slot < 0).count();
            var last = IntStream.of(at).max().orElse(-1);
            var waits = IntStream.range(0, at.length)
                    .map(i -> Math.max(0, at[i]) * problem.pieces().get(i).waitedFor())
                    .sum();
            var isBetter = left != best[0] ? left < best[0] : last != best[1] ? last < best[1] : waits < best[2];
            if (isBetter) best = new int[] {left, last, waits};
        }
        return best;
    }

    private static boolean isAllowed(LoadProblem problem, int[] at) {
        for (var slot = 0; slot < problem.slots().size(); slot++) {
            var here = slot;
            var pieces = IntStream.range(0, at.length)
                    .filter(i -> at[i] == here)
                    .mapToObj(problem.pieces()::get)
                    .toList();
            if (pieces.size() > problem.holds()
                    || pieces.stream().map(HardPiece::colour).distinct().count() > 1
                    || pieces.stream()
                            .anyMatch(piece -> piece.here()
                                    .isAfter(problem.slots().get(here).begins()))) return false;
        }
        return true;
    }

    @Test
    void sixtyPiecesOfThreeColoursArePlannedAtOnce() {
        var random = new Random(4);
        var pieces = IntStream.range(0, 60)
                .mapToObj(i -> piece(
                        i,
                        List.of("dark", "sand", "sage").get(random.nextInt(3)),
                        MONDAY.plusDays(random.nextInt(6)),
                        random.nextInt(4)))
                .toList();
        var problem = problem(pieces);
        var plan = LoadPlanner.of(problem);
        assertThat(plan.left()).isEmpty();
        assertThat(plan.isProven()).isTrue();
        assertThat(plan.loads()).hasSizeBetween(7, 10);
    }
}
