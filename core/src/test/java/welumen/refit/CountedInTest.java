package welumen.refit;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.measure.Parsed.Refused;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;

class CountedInTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "8 | 8",
                "0 | 0",
                "'' | 0",
                "6 screws no. 8, 2 clips | 8",
                "one screw | 1",
                "3 bolts M6x20 black | 3"
            })
    void fixingsAreCountedByNumberOrByKind(String typed, int count) {
        assertThat(CountedIn.read(typed, 8).orThrow().count()).isEqualTo(count);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"9", "9 screws", "6 screws, 3 clips", "all of them", "screws", "-1", "6 screws and a prayer"})
    void whatCannotBeIsRefusedWithWhatToType(String typed) {
        assertThat(CountedIn.read(typed, 8))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.why())
                                .contains("“" + typed + "”")
                                .endsWith("."));
    }

    /** What is offered for a part is what came out of it and can go back, and reads as such. */
    @Test
    void whatIsOfferedReadsAsWhatCanGoBack() {
        var log = Saloon.log();
        log = log.after(new StepLogged(Shorthand.read(
                        "5 screws no. 8, 1 screw broken, 1 clip grey, 1 clip missing, off", SILL, Saloon.cabin(), log)
                .step(1, List.of())));
        var offered = CountedIn.usual(log, SILL);
        assertThat(offered).isEqualTo("5 screws no. 8, 1 trim clip grey");
        assertThat(CountedIn.read(offered, 8).orThrow().count()).isEqualTo(SignOff.usable(log, SILL));
    }
}
