package welumen.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import welumen.journal.Entry.Place;

/** One action over two logs, and two benches that write at once. */
class ActionTest {
    private static final UUID CAR = new UUID(1, 1);
    private static final UUID OTHER_CAR = new UUID(1, 2);
    private static final UUID YARD = new UUID(0, 1);
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-04-14T13:53:00Z"), ZoneOffset.UTC);

    private final KeptEntries store = new KeptEntries();

    /** The yard's stock, “+hide” and “-hide”: what is not there cannot be used. */
    private static List<String> stock(List<String> before, String change) {
        var after = new ArrayList<>(before);
        if (change.startsWith("+")) after.add(change.substring(1));
        else if (!after.remove(change.substring(1)))
            throw new IllegalStateException("There is no %s.".formatted(change.substring(1)));
        return after;
    }

    private Journal<String, String> log(UUID stream) {
        return Journal.open(store, stream, String.class, CLOCK, "", String::concat);
    }

    private Journal<String, List<String>> yard() {
        return Journal.open(store, YARD, String.class, CLOCK, List.of(), ActionTest::stock);
    }

    @Test
    void itIsWrittenInBothLogsAndTakenBackInBothFromEither() {
        var car = log(CAR);
        var yard = yard();
        yard.make("+hide", "Ada");
        Action.by("Ada").make(car, "cut").make(yard, "-hide").done();
        assertThat(store.kept(CAR)).hasSize(1);
        assertThat(store.kept(CAR).getFirst().beside()).containsExactly(new Place(YARD, 2));
        assertThat(store.kept(YARD).get(1).beside()).containsExactly(new Place(CAR, 1));
        assertThat(yard.state()).isEmpty();
        assertThat(Action.by("Ada").takeBack(car, _ -> yard).done()).isTrue();
        assertThat(car.state()).isEmpty();
        assertThat(yard.state()).containsExactly("hide");
        Action.by("Ada").putBack(car, _ -> yard).done();
        assertThat(car.state()).isEqualTo("cut");
        assertThat(yard.state()).isEmpty();
        Action.by("Ada").takeBack(yard, _ -> car).done();
        assertThat(car.state()).isEmpty();
        assertThat(log(CAR).state()).as("and after a restart").isEmpty();
        assertThat(yard().state()).containsExactly("hide");
    }

    /** A hide bought for one car and cut for another: the buying cannot be taken back under the cut. */
    @Test
    void whatAnotherCarHasSinceUsedIsNotTakenBack() {
        var car = log(CAR);
        var other = log(OTHER_CAR);
        var yard = yard();
        Action.by("Ada").make(car, "bought").make(yard, "+hide").done();
        Action.by("Ada").make(other, "cut").make(yard, "-hide").done();
        assertThatThrownBy(() -> Action.by("Ada").takeBack(car, _ -> yard).done())
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("There is no hide.");
        assertThat(car.state()).isEqualTo("bought");
        assertThat(store.kept(CAR)).hasSize(1);
        Action.by("Ada").takeBack(other, _ -> yard).done();
        assertThat(yard.state()).containsExactly("hide");
        Action.by("Ada").takeBack(car, _ -> yard).done();
        assertThat(yard.state()).isEmpty();
        assertThat(yard().state()).isEmpty();
    }

    @Test
    void aChangeOfTheOtherLogThatCannotFollowWritesNothingAnywhere() {
        var car = log(CAR);
        var yard = yard();
        assertThatThrownBy(() ->
                        Action.by("Ada").make(car, "cut").make(yard, "-hide").done())
                .hasMessage("There is no hide.");
        assertThat(store.streams).isEmpty();
        assertThat(car.state()).isEmpty();
    }

    @Test
    void oneLogAloneIsNotTakenBackOfWhatTouchedTwo() {
        var car = log(CAR);
        var yard = yard();
        Action.by("Ada").make(car, "bought").make(yard, "+hide").done();
        assertThatThrownBy(() -> car.takeBack("Ada")).hasMessageContaining("Take it back in both");
        assertThat(car.state()).isEqualTo("bought");
    }

    /** The second bench knows nothing of the first one's entry: it folds that, and writes after it. */
    @Test
    void whereAnotherBenchCameFirstItsEntryIsFoldedAndTheActionTriedAgain() {
        var here = yard();
        var there = yard();
        there.make("+hide", "Ivo");
        here.make("+roll", "Ada");
        assertThat(here.state()).containsExactly("hide", "roll");
        assertThat(there.catchUp()).isTrue();
        assertThat(there.state()).containsExactly("hide", "roll");
        there.make("-hide", "Ivo");
        assertThatThrownBy(() -> here.make("-hide", "Ada"))
                .as("the last one of a kind is used once")
                .hasMessage("There is no hide.");
        assertThat(here.state()).containsExactly("roll");
    }

    @Test
    void aBenchHearsWhatOthersAppended() {
        var heard = new ArrayList<UUID>();
        var deaf = store.hear(heard::add);
        Action.by("Ada").make(log(CAR), "cut").make(yard(), "+hide").done();
        assertThat(heard).containsExactlyInAnyOrder(CAR, YARD);
        deaf.run();
        log(CAR).make("sewn", "Ada");
        assertThat(heard).hasSize(2);
    }

    /** Benches that write, take back and put back as they like end with one and the same state, and lose nothing. */
    @Property(tries = 60)
    void manyBenchesEndWithOneState(@ForAll long seed) {
        var shared = new KeptEntries();
        var random = new Random(seed);
        var benches = new ArrayList<Journal<String, String>>();
        for (var i = 0; i < 3; i++) benches.add(Journal.open(shared, CAR, String.class, CLOCK, "", String::concat));
        for (var i = 0; i < 80; i++) {
            var bench = benches.get(random.nextInt(benches.size()));
            switch (random.nextInt(5)) {
                case 0 -> attempt(() -> bench.takeBack("Ada"));
                case 1 -> attempt(() -> bench.putBack("Ada"));
                case 2 -> bench.catchUp();
                default -> bench.make(i + ";", "Ada");
            }
        }
        benches.forEach(Journal::catchUp);
        var again = Journal.open(shared, CAR, String.class, CLOCK, "", String::concat);
        for (var bench : benches) {
            assertThat(bench.state()).isEqualTo(again.state());
            assertThat(bench.entries()).isEqualTo(again.entries());
        }
        assertThat(again.state())
                .isEqualTo(again.standing().stream()
                        .map(entry -> ((Note.Made<String>) entry.note()).change())
                        .reduce("", String::concat));
    }

    /** What another bench has taken back already cannot be taken back again: that is refused, and nothing is written. */
    private static void attempt(Runnable move) {
        try {
            move.run();
        } catch (IllegalStateException refused) {
            assertThat(refused).hasMessageContaining("already");
        }
    }
}
