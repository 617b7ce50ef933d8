package welumen.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.lifecycle.AfterTry;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.hide.StockText;
import welumen.cut.stock.Stock;
import welumen.pattern.draft.DraftText;
import welumen.survey.StationText;

class LengthsTest {
    @AfterEach
    @AfterTry
    void asUsual() {
        Lengths.in(Length.Style.METRIC);
    }

    @Test
    void aBareNumberIsMillimetresUntilAWorkshopCountsInInches() {
        assertThat(Length.parse("20").orThrow().mm()).isEqualTo(20);
        Lengths.in(Length.Style.INCHES);
        assertThat(Length.parse("20").orThrow().mm()).isEqualTo(508);
        assertThat(Length.parse("20 1/2").orThrow().mm()).isEqualTo(520.7);
        assertThat(Length.parse("20 mm").orThrow().mm())
                .as("a unit says what it says")
                .isEqualTo(20);
    }

    @Test
    void everyReaderOfLinesReadsABareNumberAlike() {
        Lengths.in(Length.Style.INCHES);
        var piece = DraftText.read("pad 20 x 10", new PartId("console"), "vinyl")
                .orThrow()
                .piece();
        assertThat(piece.net().box().width()).isCloseTo(508, within(1e-6));
        var roll = (Stock.Roll)
                StockText.read("roll 1, 54 wide, 10 m long", "vinyl").orThrow();
        assertThat(roll.width()).isCloseTo(1371.6, within(1e-6));
        var station = StationText.read("front short 1/4").orThrow().getFirst();
        assertThat(station.overMm()).isCloseTo(-6.35, within(1e-6));
        assertThat(StationText.read(StationText.line(station)).orThrow()).containsExactly(station);
    }

    @Test
    void aUnitAtTheEndOfASizeHoldsForBoth() {
        assertThat(Size.parse("20 x 30 in").orThrow()).isEqualTo(new Size(508, 762));
        assertThat(Size.parse("20 cm x 30 mm").orThrow()).isEqualTo(new Size(200, 30));
        assertThat(Size.parse("420 x 180").orThrow()).isEqualTo(new Size(420, 180));
        var typed =
                DraftText.read("pad 20 x 30 in", new PartId("console"), "vinyl").orThrow();
        assertThat(typed.piece().net().box().width()).isCloseTo(508, within(1e-6));
        Lengths.in(Length.Style.INCHES);
        assertThat(Size.parse("420 x 180 mm").orThrow()).isEqualTo(new Size(420, 180));
    }

    @Test
    void lengthsAreSaidInInchesWithTheMillimetresBeside() {
        assertThat(Lengths.said(25.4)).isEqualTo("25.4 mm");
        assertThat(Lengths.said(20)).isEqualTo("20 mm");
        assertThat(Lengths.near(25.4)).isEqualTo("25 mm");
        Lengths.in(Length.Style.INCHES);
        assertThat(Lengths.said(25.4)).isEqualTo("1\" (25.4 mm)");
        assertThat(Lengths.said(-12.7)).isEqualTo("−1/2\" (-12.7 mm)");
        assertThat(Lengths.said(20)).isEqualTo("≈ 25/32\" (20 mm)");
        assertThat(Lengths.near(20)).isEqualTo("≈ 13/16\" (20 mm)");
        assertThat(Lengths.field(12.7)).isEqualTo("1/2\"");
        assertThat(Lengths.field(10)).isEqualTo("10 mm");
    }

    @Property
    void aFieldReadsBackAsTheLengthThatItHeld(
            @ForAll @DoubleRange(min = 0, max = 100_000) double mm, @ForAll Length.Style style) {
        Lengths.in(style);
        assertThat(Length.parse(Lengths.field(mm)).orThrow().mm())
                .isEqualTo(Length.ofMm(mm).mm());
    }
}
