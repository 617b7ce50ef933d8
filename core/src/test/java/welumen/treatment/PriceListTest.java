package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.treatment.TreatmentChange.PricesSaid;

class PriceListTest {
    /** Re-covering 2 m² takes 2.6 m² of new material: 10 of small things at 1.5 times the usual, and 2.6 m² at 20. */
    @Test
    void materialIsPricedByItsOwnMatterAndTheRestByItsLevel() {
        var surfaces = new EnumMap<Matter, Double>(PriceList.USUAL.perSquareMetre());
        surfaces.put(Matter.CARPET, 20.0);
        var prices = new PriceList(60, 1.5, surfaces);
        assertThat(prices.materials(Treatment.RECOVER, Matter.CARPET, 2)).isCloseTo(15 + 2.6 * 20, within(1e-9));
        assertThat(prices.boughtIn(Treatment.BUY_USED, 2)).isCloseTo(1.5 * 180, within(1e-9));
        assertThat(Choices.EMPTY.prices()).isEmpty();
        assertThat(Choices.EMPTY.after(new PricesSaid(prices)).prices()).isEqualTo(Optional.of(prices));
    }

    @Test
    void everyMatterHasAPriceAboveNought() {
        assertThatThrownBy(() -> new PriceList(45, 1, Map.of(Matter.LEATHER, 100.0)))
                .hasMessageContaining("No price");
        assertThatThrownBy(() -> new PriceList(0, 1, PriceList.USUAL.perSquareMetre()))
                .hasMessageContaining("above nought");
    }
}
