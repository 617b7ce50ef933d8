package welumen.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.measure.Parsed.Refused;

class LengthTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3/8\"        | 9.525",
                "1 1/2 in     | 38.1",
                "1' 6 1/2\"   | 469.9",
                "1'6\"        | 457.2",
                "12,5 mm      | 12.5",
                "1.4 m        | 1400",
                "520          | 520",
                "12 cm        | 120",
                "2 ft         | 609.6",
                "1-1/2\"      | 38.1",
                ".5 in        | 12.7",
                "3240 mm      | 3240"
            })
    void readsWhatPeopleWrite(String typed, BigDecimal mm) {
        assertThat(Length.parse(typed).orThrow().millimetres()).isEqualByComparingTo(mm);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3//8\"     | two strokes",
                "3/0\"      | divides by nought",
                "abc        | is not a length",
                "5 furlongs | no unit of length",
                "-3 mm      | below nought",
                "1/2 mm     | fraction of a millimetre",
                "20000 m    | longer than 10 km",
                "1,234.5 mm | parts its thousands",
                "1.2.3 mm   | is not a number"
            })
    void saysWhatIsWrong(String typed, String why) {
        assertThat(refusal(typed)).contains(why);
    }

    @Test
    void offersBothReadingsOfAnAmbiguousComma() {
        assertThat(refusal("3,240 mm")).contains("3.240 mm").contains("3240 mm");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "\"", "'", "1'''", "½"})
    void refusesScrapsWithASentence(String typed) {
        assertThat(refusal(typed)).endsWith(".");
    }

    @Property
    void whatIsPrintedReadsBackTheSame(
            @ForAll @BigRange(min = "0", max = "9999999") @Scale(6) BigDecimal mm, @ForAll Length.Style style) {
        var length = new Length(mm);
        assertThat(Length.parse(length.print(style)).orThrow()).isEqualTo(length);
    }

    @Property
    void everySixtyFourthIsPrintedInInchesAndReadsBack(@ForAll @LongRange(min = 0, max = 100_000) long parts) {
        var length = new Length(InchFraction.MM.multiply(BigDecimal.valueOf(parts)));
        var printed = length.print(Length.Style.INCHES);
        assertThat(printed).matches(".*[\"']");
        assertThat(Length.parse(printed).orThrow()).isEqualTo(length);
    }

    @Test
    void theNearestInchSizeShowsItsError() {
        var cord = Length.parse("5 mm").orThrow();
        var nearest = InchFraction.nearest(cord);
        assertThat(nearest.print()).isEqualTo("13/64\"");
        assertThat(nearest.errorFrom(cord)).isEqualByComparingTo("0.159375");
    }

    private static String refusal(String typed) {
        return ((Refused<Length>) Length.parse(typed)).why();
    }
}
