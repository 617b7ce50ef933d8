package welumen.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class KeysTest {
    private static KeyEvent pressed(KeyCode code, boolean shift, boolean control, boolean alt) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, shift, control, alt, false);
    }

    @Test
    void noKeyDoesTwoThings() {
        var twice = new ArrayList<String>();
        for (var code : KeyCode.values())
            for (var with = 0; with < 8; with++) {
                var key = pressed(code, (with & 1) > 0, (with & 2) > 0, (with & 4) > 0);
                var does = new ArrayList<Keys>();
                for (var one : Keys.values()) if (one.is(key)) does.add(one);
                if (does.size() > 1) twice.add(code + ": " + does);
            }
        assertThat(twice).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void itIsToldWithItsKey(Keys key) {
        assertThat(key.told()).matches("[A-Z].*[a-z] \\([A-Z].*\\)").doesNotContain("_");
    }

    @Test
    void whatIsBareHasNoModifier() {
        assertThat(Keys.LARGE_CABIN.isBare(pressed(KeyCode.C, false, false, false)))
                .isTrue();
        assertThat(Keys.LARGE_CABIN.isBare(pressed(KeyCode.C, false, true, false)))
                .isFalse();
        assertThat(Keys.LARGE_CABIN.is(pressed(KeyCode.C, false, false, true))).isTrue();
        assertThat(Keys.PUT_BACK.is(pressed(KeyCode.Z, true, true, false))).isTrue();
        assertThat(Keys.TAKE_BACK.is(pressed(KeyCode.Z, true, true, false))).isFalse();
    }
}
