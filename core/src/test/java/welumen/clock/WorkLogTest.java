package welumen.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.strip.LearntTimes;
import welumen.strip.Saloon;

class WorkLogTest {
    private static final Instant NOON = Instant.parse("2026-04-14T11:00:00Z");

    @Test
    void aSpellEndsWhenItIsEndedAndWhenTheNextBegins() {
        var log = WorkLog.EMPTY
                .after(begun("left-front-seat", 0))
                .after(begun("left-sill-cover", 12))
                .after(new WorkEnded("Orla", at(22), Duration.ofMinutes(4)));
        assertThat(log.running()).isEmpty();
        assertThat(log.spells())
                .extracting(Spell::worked)
                .containsExactly(Duration.ofMinutes(12), Duration.ofMinutes(6));
    }

    @Test
    void whatNobodyHasBegunCannotEnd() {
        assertThatThrownBy(() -> WorkLog.EMPTY.after(new WorkEnded("Orla", NOON, Duration.ZERO)))
                .hasMessageContaining("[Orla]");
        var begun = WorkLog.EMPTY.after(begun("left-front-seat", 0));
        assertThatThrownBy(() -> begun.after(new WorkEnded("Orla", at(5), Duration.ofMinutes(6))))
                .hasMessageContaining("idles longer");
    }

    /** A seat is first thought to take 15 min; five that took 35 bring that to 25. */
    @Test
    void theUsualTimeGivesWayToWhatWasSeen() {
        var log = WorkLog.EMPTY;
        for (var i = 0; i < 5; i++)
            log = log.after(begun("left-front-seat", 100 * i))
                    .after(new WorkEnded("Orla", at(100 * i + 35), Duration.ZERO));
        var times = new LearntTimes(Saloon.cabin(), log);
        assertThat(times.takesOff(Saloon.cabin().one(Saloon.SEAT))).isEqualTo(Duration.ofMinutes(25));
        assertThat(times.takesOff(Saloon.cabin().one(Saloon.CARPET))).isEqualTo(Duration.ofMinutes(20));
    }

    private static WorkBegun begun(String on, int minute) {
        return new WorkBegun("Orla", on, WorkKind.TAKING_OFF, at(minute));
    }

    private static Instant at(int minute) {
        return NOON.plus(Duration.ofMinutes(minute));
    }
}
