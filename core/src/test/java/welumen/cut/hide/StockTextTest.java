package welumen.cut.hide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;

class StockTextTest {
    private static Stock read(String typed) {
        return StockText.read(typed, "sage hide").orThrow();
    }

    @Test
    void aHideOfATypedSizeIsScaledFromTheUsualOne() {
        var hide = (Stock.Hide) read("hide 3, 52 sq ft, lot 27B, 1.2 mm thick, cost 310, from Fell and Daughter");
        assertThat(hide.id()).isEqualTo("hide 3");
        assertThat(hide.lot()).isEqualTo(new Lot("27B", 1.2, "Fell and Daughter"));
        assertThat(hide.cost()).isEqualTo(310);
        assertThat(hide.shape().outline().area()).isCloseTo(52 * 92903.04, within(3000.0));
        assertThat(hide.zones()).hasSize(4);
        assertThat(hide.material()).isEqualTo("sage hide");
        var upright = Upright.of(hide.shape());
        assertThat(upright.asymmetry()).isLessThan(0.01);
    }

    @Test
    void rollsAndSheetsAreReadToo() {
        assertThat(read("roll 1, 1400 wide, 12 m long, cost 42, repeat 75"))
                .isEqualTo(new Stock.Roll("roll 1", "sage hide", 1400, 12_000, 42, 0, 75));
        assertThat(read("roll 3, 1400 wide, 12 m long, lot W4").lot().dye()).isEqualTo("W4");
        assertThat(read("roll 2, 55 in wide, 9 m long, repeat 300 x 150"))
                .isEqualTo(new Stock.Roll("roll 2", "sage hide", 1397, 9_000, 0, 300, 150));
        var sheet = (Stock.Hide) read("sheet 1, 2000 x 1000, cost 30");
        assertThat(sheet.kind()).isEqualTo(Stock.Kind.SHEET);
        assertThat(sheet.shape().outline().area()).isEqualTo(2e6);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hide 3",
                "hide 3, 52",
                "hide 3, 900 sq ft",
                "hide 3, 52 sq ft, blue",
                "hide 3, 52 sq ft, grade 7",
                "roll 1, 1400 wide",
                "pelt 1, 4 m2",
                "hide 3, 52 sq ft, cost lots"
            })
    void whatMakesNoSenseIsRefused(String typed) {
        assertThat(StockText.read(typed, "sage hide").understood()).isEmpty();
    }
}
