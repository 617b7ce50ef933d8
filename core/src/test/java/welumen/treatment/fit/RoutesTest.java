package welumen.treatment.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.strip.Saloon;
import welumen.survey.Station;
import welumen.survey.Station.Verdict;
import welumen.survey.StationText;
import welumen.treatment.Terms;

class RoutesTest {
    /** A lap of 20 mm keeps 6, so 14 may be short under it; half of it may be over. */
    @ParameterizedTest
    @CsvSource({
        "12, 0, TRIM, 0",
        "2, 0, LIES, 0",
        "0, 0, LIES, 0",
        "10, 20, LIES, 0",
        "11, 20, TRIM, 0",
        "-14, 20, HIDDEN, 0",
        "-15, 20, SHORT, 1",
        "-14.4, 20, HIDDEN, 0.4",
        "-0.4, 0, LIES, 0.4",
        "-3, 0, SHORT, 3",
        "-3, 5, SHORT, 3"
    })
    void overCanBeTrimmedShortCannot(double over, double covered, Verdict verdict, double shows) {
        var station = new Station("sill", over, covered);
        assertThat(station.verdict()).isEqualTo(verdict);
        assertThat(station.showsMm()).isCloseTo(shows, within(1e-9));
    }

    @Test
    void measuresAreReadAsTheyAreSaid() {
        var text = "tunnel over 12\n\nsill, front: short 1/4\", covered 20 mm\nseat rail long by 3 mm";
        var read = StationText.read(text).understood().orElseThrow();
        assertThat(read)
                .containsExactly(
                        new Station("tunnel", 12, 0),
                        new Station("sill, front", -6.35, 20),
                        new Station("seat rail", 3, 0));
        assertThat(StationText.line(read.get(1))).isEqualTo("sill, front short 6.35 mm, covered 20 mm");
    }

    @ParameterizedTest
    @ValueSource(strings = {"tunnel 12", "tunnel over wide", "sill short 6, covered much", "over 12"})
    void whatIsNoMeasureIsSaid(String line) {
        assertThat(StationText.read(line).understood()).isEmpty();
    }

    /** A carpet of 0.9 × 0.76 m with its corners cut: 0.652 m². Reproduction 40 + 260 a m², fitting 1.5 h at 45. */
    @Test
    void eachRouteHasItsPrice() {
        var carpet = Saloon.cabin().one(Saloon.CARPET);
        var area = carpet.kind().outline().area() / 1e6;
        var fits = Routes.of(carpet, List.of(new Station("tunnel", 12, 0)), false, false, Terms.USUAL);
        assertThat(fits).extracting(Routes.Route::isOpen).containsExactly(true, true);
        assertThat(fits.getFirst().hours()).isCloseTo(1.65, within(1e-9));
        assertThat(fits.getFirst().cost()).isCloseTo(40 + 260 * area + 1.65 * 45, within(1e-9));
        assertThat(fits.getLast().cost()).isCloseTo(10 * 45 + 15 + 1.3 * 42 * area + 22 * area, within(1e-9));
        var paid = Routes.of(carpet, List.of(new Station("tunnel", 12, 0)), false, true, Terms.USUAL);
        assertThat(paid.getLast().cost() - fits.getLast().cost()).isCloseTo(40 + 260 * area, within(1e-9));
    }

    @Test
    void shortWhereItShowsShutsTheCheapRoute() {
        var carpet = Saloon.cabin().one(Saloon.CARPET);
        var tooShort = Routes.of(carpet, List.of(new Station("rail", -9, 0)), false, false, Terms.USUAL);
        assertThat(tooShort).extracting(Routes.Route::isOpen).containsExactly(false, true, true);
        assertThat(tooShort.getFirst().why()).contains("9 mm short");
        var far = Routes.of(carpet, List.of(new Station("rail", -90, 0)), false, false, Terms.USUAL);
        assertThat(far).extracting(Routes.Route::isOpen).containsExactly(false, false, true);
        var pedal = Routes.of(carpet, List.of(new Station("rail", 0, 0)), true, false, Terms.USUAL);
        assertThat(pedal.getFirst().isOpen()).isFalse();
    }
}
