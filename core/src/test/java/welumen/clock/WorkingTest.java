package welumen.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class WorkingTest {
    private static final Working CONTACT = UsualWait.CONTACT_TACK.working();

    @Test
    void coldTakesLonger() {
        assertThat(CONTACT.at(20)).isEqualTo(CONTACT);
        assertThat(CONTACT.at(10).earliest()).isEqualTo(Duration.ofMinutes(16));
        assertThat(CONTACT.at(10).latest()).isEqualTo(Duration.ofMinutes(60));
        assertThat(CONTACT.at(30).earliest()).isEqualTo(Duration.ofMinutes(4));
        assertThat(UsualWait.EPOXY.working().at(10).isEndless()).isTrue();
        assertThatThrownBy(() -> CONTACT.at(200)).hasMessageContaining("no temperature");
    }

    /** Minute by minute: sprayed from one end, laid from there, nothing before its time and nothing after. */
    @Test
    void theLargestAreaIsLaidInTimeAndNoLarger() {
        for (var spray : new double[] {0.3, 0.5, 1.5})
            for (var lay : new double[] {0.08, 0.15, 0.25})
                for (var working : new Working[] {CONTACT, UsualWait.TWO_PART_SPRAY.working(), CONTACT.at(12)}) {
                    var area = working.largestArea(spray, lay);
                    assertThat(isLaidInTime(working, area - 0.02, spray, lay))
                            .as("%s at %s and %s of %s", area, spray, lay, working)
                            .isTrue();
                    assertThat(isLaidInTime(working, area + 0.02, spray, lay)).isFalse();
                }
        assertThat(UsualWait.EPOXY.working().largestArea(1, 1)).isInfinite();
    }

    private static boolean isLaidInTime(Working working, double area, double spray, double lay) {
        var from = working.earliest().toSeconds() / 60.0;
        var until = working.latest().toSeconds() / 60.0;
        var begin = Math.max(area / spray, from);
        for (var at = 0.0; at <= area; at += 0.001) if (begin + at / lay > at / spray + until + 1e-9) return false;
        return true;
    }

    @Test
    void aClockIsTooLateWhenItsTimeHasGone() {
        var clock = new BenchClock(
                "c", "Sill", "lay", Instant.EPOCH, Duration.ofMinutes(8), Duration.ofMinutes(30), Duration.ZERO);
        assertThat(clock.isTooLate(Instant.EPOCH.plusSeconds(29 * 60))).isFalse();
        assertThat(clock.isTooLate(Instant.EPOCH.plusSeconds(30 * 60))).isTrue();
        assertThat(clock.by()).contains(Instant.EPOCH.plusSeconds(30 * 60));
        assertThat(new BenchClock("c", "Sill", "lay", Instant.EPOCH, Duration.ofMinutes(8)).by())
                .isEmpty();
        assertThat(CONTACT.largestArea(0.5, 0.15)).isCloseTo(4.5, within(0.3));
    }
}
