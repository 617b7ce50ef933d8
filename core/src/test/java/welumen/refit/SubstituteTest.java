package welumen.refit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.strip.fixing.FixingKind;

class SubstituteTest {
    @Test
    void glueInPlaceOfAClipIsSaidForWhatItIs() {
        var ways = Substitute.of(FixingKind.TRIM_CLIP);
        assertThat(ways.getFirst().comesOffAgain()).isTrue();
        assertThat(ways.getLast().said()).isEqualTo("glue: the next strip tears it, 24 h before it holds");
    }

    /** Whatever can be bought can be replaced by something that comes off again, but for what is only plugged in. */
    @ParameterizedTest
    @EnumSource(
            value = FixingKind.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"GLUE", "PLUG", "CABLE", "HOOK_AND_LOOP"})
    void everyFixingHasAWayThatComesOffAgain(FixingKind kind) {
        assertThat(Substitute.of(kind)).anyMatch(Substitute::comesOffAgain);
    }
}
