package welumen.cut.leather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

class StripTestTextTest {
    private static LeatherTest read(String typed) {
        return StripTestText.read(typed, "sage hide", "27B") instanceof Understood<LeatherTest>(var test) ? test : null;
    }

    @Test
    void aLineIsATest() {
        var test = read("damp, marks 250, along 245, across 240.5, rested 9.5 h, tools darker, finished lighter");
        assertThat(test)
                .isEqualTo(new LeatherTest(
                        "sage hide", "27B", Working.DAMP, 250, 245, 240.5, 9.5, Shade.DARKER, Shade.LIGHTER));
        assertThat(test.shrinksAlong()).isCloseTo(0.02, within(1e-12));
        assertThat(test.shrinksAcross()).isCloseTo(0.038, within(1e-12));
        assertThat(read("steamed, along 202, across 204").shrinksAcross()).isCloseTo(-0.02, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "along 196, across 197|How was the strip worked",
                "damp, along 196|How far apart are the marks now",
                "damp, along wide, across 197|is no length",
                "damp, along 196, across 197, rested long|is no time of rest",
                "damp, along 196, across 197, tools blue|is none of the same",
                "soaked, along 196, across 197|says nothing about a strip",
                "damp, along 96, across 197|more than leather does",
                "damp, marks 20, along 19, across 19|too near to measure by",
                "damp, along 196, across 197, rested 900 h|up to 240 hours"
            })
    void whatIsWrongIsSaid(String typed, String why) {
        assertThat(StripTestText.read(typed, "m", "") instanceof Refused<LeatherTest>(var said) ? said : "")
                .contains(why);
    }
}
