package welumen.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import welumen.yard.GoodsChange.TintMeasured;
import welumen.yard.GoodsChange.TintsUsed;
import welumen.yard.YardChange.OfGoods;

/** How much of each tint is left on the shelf. */
class TintsLeftTest {
    private static BaseTint tint(String name, double grams) {
        return new BaseTint(name, Collections.nCopies(31, 0.5), 0.03, "", "", 0, List.of(), grams);
    }

    @Test
    void whatIsWeighedOutIsLess() {
        var yard = Yard.EMPTY
                .after(new OfGoods(new TintMeasured("", tint("white", 200))))
                .after(new OfGoods(new TintMeasured("", tint("umber", 10))))
                .after(new OfGoods(new TintMeasured("", tint("ochre", 0))))
                .after(new OfGoods(new TintsUsed(Map.of("white", 150.0, "umber", 12.0, "ochre", 5.0))));
        var left = yard.goods().tints();
        assertThat(left.findOne("white").orElseThrow().grams()).isEqualTo(50);
        assertThat(left.findOne("white").orElseThrow().isShortBy(60)).isEqualTo(10);
        assertThat(left.findOne("umber").orElseThrow().grams())
                .as("used up, and still known to be weighed")
                .isEqualTo(0.01);
        assertThat(left.findOne("ochre").orElseThrow().grams())
                .as("nobody has weighed it")
                .isZero();
        assertThat(left.findOne("ochre").orElseThrow().isShortBy(60)).isZero();
    }

    @Test
    void lessThanNothingIsRefused() {
        assertThatThrownBy(() -> tint("white", -1)).hasMessageContaining("cannot be on a shelf");
    }
}
