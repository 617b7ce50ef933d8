package welumen.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.clock.WorkKind;
import welumen.clock.WorkLog;

class LearntTimesTest {
    /** One spell of 40 min beside a usual 20 min that counts five times: (40 + 5 × 20) / 6. */
    @Test
    void whatWasSeenIsShrunkTowardTheUsual() {
        var carpet = Saloon.cabin().one(Saloon.CARPET);
        var none = new LearntTimes(Saloon.cabin(), WorkLog.EMPTY);
        assertThat(none.takesOff(carpet)).isEqualTo(Duration.ofMinutes(20));
        assertThat(none.putsBack(carpet)).isEqualTo(Duration.ofMinutes(24));
        var off = new LearntTimes(Saloon.cabin(), worked(WorkKind.TAKING_OFF, 40));
        assertThat(off.takesOff(carpet)).isEqualTo(Duration.ofSeconds(1400));
        assertThat(off.putsBack(carpet)).isEqualTo(Duration.ofMinutes(24));
        var back = new LearntTimes(Saloon.cabin(), worked(WorkKind.PUTTING_BACK, 54));
        assertThat(back.putsBack(carpet)).isEqualTo(Duration.ofMinutes(29));
        assertThat(back.takesOff(carpet)).isEqualTo(Duration.ofMinutes(20));
    }

    private static WorkLog worked(WorkKind kind, int minutes) {
        return WorkLog.EMPTY
                .after(new WorkBegun("Ada", Saloon.CARPET.value(), kind, Instant.EPOCH))
                .after(new WorkEnded("Ada", Instant.EPOCH.plusSeconds(60L * minutes), Duration.ZERO));
    }
}
