package welumen.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Currency;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.measure.Parsed.Refused;

class AreaAndMoneyTest {
    private static final Currency POUNDS = Currency.getInstance("GBP");

    @Test
    void squareFeetAreExact() {
        assertThat(Area.parse("48 sq ft").orThrow().squareMillimetres()).isEqualByComparingTo("4459345.92");
        assertThat(Area.parse("4.6 m²").orThrow().mm2()).isEqualTo(4_600_000);
    }

    @ParameterizedTest
    @CsvSource({"48, no unit", "48 acres, no unit of area", "sq ft, not an area", "'1,234 m²', could mean"})
    void refusesAnAreaItCannotRead(String typed, String why) {
        assertThat(((Refused<Area>) Area.parse(typed)).why()).contains(why);
    }

    @Property
    void areasRoundTrip(
            @ForAll @BigRange(min = "0", max = "99999999") @Scale(2) BigDecimal mm2, @ForAll Area.Style style) {
        var area = new Area(mm2);
        assertThat(Area.parse(area.print(style)).orThrow()).isEqualTo(area);
    }

    @ParameterizedTest
    @CsvSource({
        "£310, £310.00",
        "310.50 GBP, £310.50",
        "'€ 42,50', €42.50",
        "-5, -£5.00",
        "12 CHF, 12.00 CHF",
        "'£3,400', £3400.00",
        "'1,234,567.5', £1234567.50"
    })
    void readsAndPrintsMoney(String typed, String printed) {
        assertThat(Money.parse(typed, POUNDS).orThrow().print()).isEqualTo(printed);
    }

    @ParameterizedTest
    @CsvSource({
        "£3.005, more decimals",
        "£1.200, without a point",
        "'5,000 KWD', could mean",
        "ten pounds, not an amount",
        "£5 €, two currencies",
        "5 QQQ, no currency"
    })
    void refusesMoneyItCannotRead(String typed, String why) {
        assertThat(((Refused<Money>) Money.parse(typed, POUNDS)).why()).contains(why);
    }

    @Property
    void moneyRoundTrips(@ForAll @LongRange(min = -10_000_000, max = 10_000_000) long pennies) {
        var money = new Money(BigDecimal.valueOf(pennies, 2), POUNDS);
        assertThat(Money.parse(money.print(), POUNDS).orThrow()).isEqualTo(money);
    }

    @Test
    void doesNotAddTwoCurrencies() {
        assertThatThrownBy(() -> Money.of(1, "GBP").plus(Money.of(1, "EUR"))).hasMessageContaining("two currencies");
    }
}
