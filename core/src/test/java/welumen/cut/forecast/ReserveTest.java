package welumen.cut.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.at;
import static welumen.cut.Cases.hide;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutChange.TermsSaid;
import welumen.cut.CutLog;
import welumen.cut.CutProblem;
import welumen.cut.leather.LeatherClass;
import welumen.cut.leather.LeatherTerms;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Shape;

class ReserveTest {
    private static final double YIELD = 0.62;
    private static final double HIDE = 4.65e6;

    private static Reserve saloon(double toCut, double scarred) {
        return new Reserve(4 * HIDE - scarred, new AreaCount(toCut, YIELD, HIDE), 1.1e6);
    }

    /** Four hides for 9.6 m²; one comes with a scar worth 0.5 m² net; the job grows by quilting, then by door inserts. */
    @Test
    void leatherForASmallSaloonThatGrows() {
        var scarred = 0.5e6 / YIELD;
        assertThat(saloon(9.6e6, 0).spareMm2()).isCloseTo(1.93e6, within(0.005e6));
        assertThat(saloon(9.6e6, scarred).spareMm2()).isCloseTo(1.43e6, within(0.005e6));
        assertThat(saloon(9.84e6, scarred).spareMm2()).isCloseTo(1.19e6, within(0.005e6));
        assertThat(saloon(9.84e6, scarred).toOrder()).isZero();
        var grown = saloon(9.84e6 + 0.9e6, scarred);
        assertThat(grown.spareMm2()).isCloseTo(0.29e6, within(0.005e6));
        assertThat(grown.toOrder()).isEqualTo(1);
    }

    @Test
    void asManyAreOrderedAsItTakes() {
        assertThat(saloon(9.6e6 + 1.93e6 + 2 * HIDE * YIELD, 0).toOrder()).isEqualTo(3);
        // nothing is here yet, or all is cut: no hide is ordered for the reserve alone
        assertThat(new Reserve(0, new AreaCount(9e6, YIELD, HIDE), 1e6).toOrder())
                .isZero();
        assertThat(new Reserve(1e6, new AreaCount(0, YIELD, HIDE), 1e6).toOrder())
                .isZero();
    }

    /** Rolls are none of it, and a flaw is nothing of a hide. */
    @Test
    void whatIsHereAndToBeCutIsCounted() {
        var flawed = hide(
                "h",
                new Shape(Outline.rectangle(1000, 1000), List.of(at(100, 100, Outline.rectangle(500, 200)))),
                List.of());
        var stock = List.<Stock>of(flawed, sheet("s", 500, 400), new Stock.Roll("r", "", 1400, 5000, 20, 0, 0));
        var open = new CutProblem(3, List.of(rectangle("p", 300, 200, 4)), stock, List.of());
        var reserve = Reserve.of(open, new AreaCount(0.24e6, 0.5, 4e6), 0.1e6);
        assertThat(reserve.hereMm2()).isCloseTo(1.1e6, within(1e-3));
        assertThat(reserve.spareMm2()).isCloseTo(0.55e6 - 0.24e6, within(1e-3));
        assertThat(reserve.toOrder()).isZero();
    }

    @Test
    void theNewestTermsOfAMaterialHold() {
        var first = new LeatherTerms(LeatherClass.SELECTED, 340, 180, 5, 1e6);
        var second = new LeatherTerms(LeatherClass.ECONOMY, 260, 90, 10, 0.8e6);
        var log = CutLog.EMPTY
                .after(new TermsSaid("sage", first))
                .after(new TermsSaid("black", first))
                .after(new TermsSaid("sage", second));
        assertThat(log.terms()).containsEntry("sage", second).containsEntry("black", first);
        assertThat(second.costOfMore(2)).isEqualTo(610);
        assertThat(second.costOfMore(0)).isZero();
        assertThat(LeatherTerms.usual(4.03e6).reserveMm2()).isCloseTo(0.5e6, within(1e-3));
        assertThatThrownBy(() -> new LeatherTerms(LeatherClass.STANDARD, -1, 0, 0, 0))
                .hasMessageContaining("below nought");
    }
}
