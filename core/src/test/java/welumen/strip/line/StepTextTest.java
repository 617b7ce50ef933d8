package welumen.strip.line;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.strip.Saloon;
import welumen.strip.Step;

class StepTextTest {
    /** A logged line, written out and read again, is the same step. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "6 screws no. 8, screwdriver, bag 13, note hooked at the front",
                "2 trim clips grey, under seal, bag 14, lever plastic",
                "3 bolts M10x25, 1 bolt M10x22 broken, 17 mm socket, bag 2, off",
                "5 no. 8 screws black worn, bag 3, loose, note the long one sits behind the lever",
                "1 clip missing, 2 clips never there, 4 push pins, b7",
                "lifted",
                "1 boss broken, rejoin with a plate and epoxy, bag 10",
                "4 rivets, drilled, rejoin by screw and nut",
                "glue along the sill, peeled, note warm it first",
                "1 plug red feeds the clock, unplugged",
                "off"
            })
    void whatIsWrittenOutReadsAsItWas(String line) {
        var step = read(line);
        assertThat(read(StepText.line(step))).isEqualTo(step);
    }

    private static Step read(String line) {
        return Shorthand.read(line, SILL, Saloon.cabin(), Saloon.log()).step(1, List.of());
    }
}
