package welumen.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

class CureTest {
    private static Cure read(String typed) {
        return ((Understood<Cure>) CureText.read(typed)).value();
    }

    @Test
    void whatIsTypedReadsBack() {
        var cure = read("flash 15 min, touch 2 h, handle 1 d, glue 36 h, wrap 2 days, recoat until 4 h");

        assertThat(cure)
                .isEqualTo(new Cure(
                        Duration.ofMinutes(15),
                        Duration.ofHours(2),
                        Duration.ofHours(24),
                        Duration.ofHours(36),
                        Duration.ofHours(48),
                        Duration.ofHours(4)));
        assertThat(read(CureText.say(cure))).isEqualTo(cure);
        assertThat(read(CureText.say(cure.at(13)))).isEqualTo(cure.at(13));
    }

    /** Whoever says a sheet's handling time only is not promised that it can be wrapped at once. */
    @Test
    void whatIsNotSaidTakesAtLeastTheTimeBeforeIt() {
        var cure = read("handle 12 h");

        assertThat(cure.flash()).isZero();
        assertThat(cure.wrapOver()).isEqualTo(Duration.ofHours(12));
        assertThat(read("")).isEqualTo(Cure.UNSAID);
        assertThat(CureText.say(Cure.UNSAID)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"12 h", "handle soon", "warm 3 h", "handle 12", "flash 20 min, recoat until 10 min"})
    void whatIsNoTimeIsRefusedWithWords(String typed) {
        assertThat(CureText.read(typed))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.why()).isNotBlank());
    }

    @Test
    void tenDegreesColderTakesTwiceAsLong() {
        assertThat(read("handle 24 h").at(10).before(Cure.Next.HANDLED)).isEqualTo(Duration.ofHours(48));
        assertThatThrownBy(() -> Cure.UNSAID.at(90)).isInstanceOf(IllegalArgumentException.class);
    }
}
