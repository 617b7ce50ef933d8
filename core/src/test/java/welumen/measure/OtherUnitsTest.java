package welumen.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.measure.Parsed.Refused;

class OtherUnitsTest {
    /** By the standard's own figures, in inches to four places. */
    @ParameterizedTest
    @CsvSource({"10, 0.1345", "16, 0.0598", "18, 0.0478", "20, 0.0359", "22, 0.0299", "24, 0.0239", "28, 0.0149"})
    void sheetIsAsThickAsItsGaugeSays(int gauge, double inches) {
        assertThat(SheetGauge.of(gauge).orElseThrow().mm() / 25.4).isCloseTo(inches, within(0.00006));
        assertThat(SheetGauge.nearest(inches * 25.4).number()).isEqualTo(gauge);
    }

    @Test
    void anOunceIsA64thOfAnInch() {
        assertThat(Length.parse("4 oz").orThrow())
                .isEqualTo(Length.parse("1/16\"").orThrow());
        assertThat(LeatherOunces.nearest(1.2).print()).isEqualTo("3 oz");
        assertThat(LeatherOunces.nearest(1.4).print()).isEqualTo("3½ oz");
        assertThat(LeatherOunces.nearest(1.2).errorFrom(1.2)).isCloseTo(-0.0094, within(1e-4));
    }

    @Test
    void whatIsTypedIsSaidInAllUnits() {
        assertThat(OtherUnits.read("4 oz").orThrow().words())
                .isEqualTo("1.59 mm; 1/16\", +0.00 mm; leather 4 oz, +0.00 mm; steel sheet 16 gauge, -0.07 mm");
        assertThat(OtherUnits.read("20 gauge").orThrow().words()).startsWith("0.91 mm");
        assertThat(OtherUnits.read("48 sq ft").orThrow().words()).isEqualTo("48.00 sq ft, 4.459 m²");
        assertThat(OtherUnits.read("1 m").orThrow().words())
                .startsWith("1000.00 mm")
                .doesNotContain("leather");
        assertThat(((Refused<OtherUnits>) OtherUnits.read("3 gauge")).why()).contains("10 to 28");
        assertThat(((Refused<OtherUnits>) OtherUnits.read("wide")).why()).contains("is not a length");
    }
}
