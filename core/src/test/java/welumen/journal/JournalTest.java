package welumen.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import welumen.journal.Note.Made;
import welumen.journal.Note.TakenBack;

class JournalTest {
    private static final UUID STREAM = new UUID(1, 2);
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-04-14T13:53:00Z"), ZoneOffset.UTC);
    private final KeptEntries store = new KeptEntries();

    private static Journal<String, String> open(EntryStore store) {
        return Journal.open(store, STREAM, String.class, CLOCK, "", String::concat);
    }

    @Test
    void takingBackAndPuttingBackWorkAcrossARestart() {
        var journal = open(store);
        journal.make("a", "Ada");
        journal.make("b", "Ada");
        journal.takeBack("Ada");
        var again = open(store);
        assertThat(again.state()).isEqualTo("a");
        assertThat(again.canPutBack()).isTrue();
        again.putBack("Ada");
        assertThat(open(store).state()).isEqualTo("ab");
        assertThat(store.kept(STREAM)).hasSize(4);
    }

    @Test
    void aNewChangeEndsWhatCouldBePutBack() {
        var journal = open(store);
        journal.make("a", "Ada");
        journal.takeBack("Ada");
        journal.make("b", "Ada");
        assertThat(journal.putBack("Ada")).isEmpty();
        assertThat(journal.state()).isEqualTo("b");
    }

    @Test
    void nothingMovesWhenTheStoreRefuses() {
        var broken = mock(EntryStore.class);
        when(broken.entriesAfter(any(), anyLong(), any())).thenReturn(List.of());
        doThrow(new StoreException("The disk is full.")).when(broken).append(any());
        var journal = open(broken);
        assertThatThrownBy(() -> journal.make("a", "Ada")).isInstanceOf(StoreException.class);
        assertThat(journal.state()).isEmpty();
        assertThat(journal.entries()).isEmpty();
    }

    @Test
    void aChangeThatCannotFollowIsNotWritten() {
        var unused = mock(EntryStore.class);
        when(unused.entriesAfter(any(), anyLong(), any())).thenReturn(List.of());
        var journal = Journal.<String, String>open(unused, STREAM, String.class, CLOCK, "", (state, change) -> {
            throw new IllegalStateException("cannot follow");
        });
        assertThatThrownBy(() -> journal.make("a", "Ada")).hasMessage("cannot follow");
        verify(unused, never()).append(any());
    }

    @Test
    void anEarlierDayIsSeenWithoutLaterTakingsBack() {
        var morning = Instant.parse("2026-04-13T08:00:00Z");
        var evening = Instant.parse("2026-04-14T18:00:00Z");
        store.put(STREAM, new Entry<>(1, morning, "Ada", new Made<>("a")));
        store.put(STREAM, new Entry<>(2, evening, "Ada", new TakenBack<>(1)));
        var journal = open(store);
        assertThat(journal.state()).isEmpty();
        assertThat(journal.asItStood(morning)).isEqualTo("a");
    }

    @Test
    void aGapInTheLogIsCalledOut() {
        store.put(STREAM, new Entry<>(2, Instant.EPOCH, "Ada", new Made<>("a")));
        var journal = open(store);
        assertThat(journal.entries()).isEmpty();
        assertThat(journal.damage().orElseThrow().why()).contains("entry 2 stands where entry 1 should");
        assertThatThrownBy(() -> journal.make("b", "Ada"))
                .hasMessageContaining("entry 2 cannot be used")
                .hasMessageContaining("backup");
    }

    /** Whatever an entry holds, what was before it is there. */
    @Test
    void whatDoesNotFollowEndsTheLogThere() {
        for (var i = 1; i <= 3; i++)
            store.put(STREAM, new Entry<>(i, Instant.EPOCH, "Ada", new Made<>(i == 2 ? "never" : "a")));
        var journal =
                Journal.<String, String>open(store, STREAM, String.class, Clock.systemUTC(), "", (state, change) -> {
                    if (change.equals("never")) throw new IllegalStateException("There is no such part.");
                    return state + change;
                });
        assertThat(journal.state()).isEqualTo("a");
        assertThat(journal.damage())
                .contains(new Damage(2, "it does not follow from what was before it: There is no such part."));
        assertThat(journal.catchUp()).isFalse();
    }

    /** Against a plain list that is changed by hand. */
    @Property
    void behavesAsTwoStacks(@ForAll @Size(max = 40) List<@IntRange(max = 5) Integer> moves) {
        store.streams.clear();
        var journal = open(store);
        var done = new ArrayList<String>();
        var undone = new ArrayList<String>();
        for (var move : moves) {
            switch (move) {
                case 0 -> {
                    if (journal.takeBack("Ada").isPresent()) undone.add(done.removeLast());
                }
                case 1 -> {
                    if (journal.putBack("Ada").isPresent()) done.add(undone.removeLast());
                }
                default -> {
                    journal.make("x" + move, "Ada");
                    done.add("x" + move);
                    undone.clear();
                }
            }
            assertThat(journal.state()).isEqualTo(String.join("", done));
            assertThat(open(store).state()).isEqualTo(journal.state());
        }
    }

    /** However far one takes back, beyond the states that are kept, the state is what a plain list says it is. */
    @Property(tries = 30)
    void aLongLogTakesBackAsFarAsItIsAsked(@ForAll long seed) {
        var random = new java.util.Random(seed);
        var journal = open(new KeptEntries());
        var stands = new java.util.ArrayDeque<String>();
        var gone = new java.util.ArrayDeque<String>();
        for (var i = 0; i < 900; i++) {
            // long stretches of one kind, so that whole runs are taken back and put back
            switch ((i / 120 + random.nextInt(8) / 7) % 3) {
                case 0 -> {
                    journal.make(i + ";", "Ada");
                    stands.addLast(i + ";");
                    gone.clear();
                }
                case 1 -> {
                    journal.takeBack("Ada");
                    if (!stands.isEmpty()) gone.addLast(stands.pollLast());
                }
                default -> {
                    journal.putBack("Ada");
                    if (!gone.isEmpty()) stands.addLast(gone.pollLast());
                }
            }
            if (i % 37 == 0) assertThat(journal.state()).isEqualTo(String.join("", stands));
        }
        assertThat(journal.state()).isEqualTo(String.join("", stands));
        assertThat(journal.standing()).hasSameSizeAs(stands);
    }
}
