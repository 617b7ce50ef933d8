package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;
import welumen.finish.FinishChange.ColourRead;
import welumen.finish.FinishChange.ReadingStruck;
import welumen.finish.reading.Reading;
import welumen.finish.reading.ReadingText;
import welumen.finish.reading.Readings;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

class ReadingsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 4, 14);
    private static final PartId SEAT = new PartId("left-front-seat");

    /** Grey by daylight alone: a wave that D65 and the observer do not see, put on an even 0.4. */
    private static final List<Double> WAVY = List.of(
            0.401, 0.588, 0.694, 0.667, 0.531, 0.343, 0.192, 0.153, 0.243, 0.421, 0.603, 0.7, 0.665, 0.514, 0.315, 0.16,
            0.118, 0.207, 0.381, 0.559, 0.653, 0.619, 0.474, 0.286, 0.142, 0.113, 0.213, 0.398, 0.582, 0.68, 0.646);

    private static Reading typed(String id, Reading.Of of, double l, double a, double b) {
        return new Reading(id, of, id, List.of(), new Lab(l, a, b), List.of(), Reading.How.TYPED, -1, TODAY);
    }

    private static Reading read(String text) {
        return ((Understood<Reading>) new ReadingText("c1", Optional.of(SEAT), TODAY).read(text)).value();
    }

    /** A number in what it was read on is no part of the colour: the last three are. */
    @Test
    void aNumberInItsNameIsNoColour() {
        var text = new ReadingText("c1", Optional.empty(), TODAY);
        var lot = text.read("lot 7 42.6 5.4 20.1, gloss 12").orThrow();
        assertThat(lot.what()).isEqualTo("7");
        assertThat(lot.lab()).isEqualTo(new Lab(42.6, 5.4, 20.1));
        assertThat(text.read("lot 7 42.6 5.4 20.1 or so")).isInstanceOf(Refused.class);
    }

    @Test
    void aReadingIsTypedAsItIsSaid() {
        var one = read("evidence under the piping 52.1 -8.4 10.9, gloss 31");
        assertThat(one.of()).isEqualTo(Reading.Of.EVIDENCE);
        assertThat(one.what()).isEqualTo("under the piping");
        assertThat(one.lab()).isEqualTo(new Lab(52.1, -8.4, 10.9));
        assertThat(one.gloss()).isEqualTo(31);
        assertThat(one.part()).isEmpty();

        var other = read("L* 48 a* -2.5 b* 3");
        assertThat(other.of()).isEqualTo(Reading.Of.PART);
        assertThat(other.part()).containsExactly(SEAT);
        assertThat(other.what()).isEqualTo("left front seat");
    }

    @Test
    void whatIsReadByEyeOrFromAPhotoIsRough() {
        assertThat(read("sample card A 50 0 0, by eye").how()).isEqualTo(Reading.How.CARD);
        assertThat(read("sample card A 50 0 0 from a photo").how()).isEqualTo(Reading.How.PHOTO);
        assertThat(read("sample card A 50 0 0").how()).isEqualTo(Reading.How.TYPED);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "green", "evidence 52", "sample 152 0 0", "lot 50 0"})
    void whatIsNoColourIsRefused(String text) {
        assertThat(new ReadingText("c1", Optional.of(SEAT), TODAY).read(text)).isInstanceOf(Refused.class);
    }

    /** One of four seats lies apart from the others, and is found before anything is ordered. */
    @Test
    void theOddOneOutIsFound() {
        var set = List.of(
                typed("left front", Reading.Of.PART, 50, -8, 10),
                typed("right front", Reading.Of.PART, 50.4, -8.2, 10.1),
                typed("rear", Reading.Of.PART, 53.5, -6, 9),
                typed("cushion", Reading.Of.PART, 49.8, -7.9, 10.2));
        assertThat(Readings.odd(set)).hasValueSatisfying(odd -> {
            assertThat(odd.reading().id()).isEqualTo("rear");
            assertThat(odd.from()).isGreaterThan(3);
        });
        assertThat(Readings.odd(set.subList(0, 2))).isEmpty();
    }

    @Test
    void theDriftGoesFromEvidenceToSampleToLot() {
        var readings = FinishBook.EMPTY
                .after(new ColourRead(typed("seam", Reading.Of.EVIDENCE, 50, -8, 10)))
                .after(new ColourRead(typed("card A", Reading.Of.SAMPLE, 51, -8, 10)))
                .after(new ColourRead(typed("roll 3", Reading.Of.LOT, 54, -8, 10)))
                .after(new ColourRead(typed("roll 4", Reading.Of.LOT, 51.4, -8, 10)))
                .after(new ReadingStruck("roll 3"))
                .readings();
        assertThat(readings.drift())
                .hasSize(2)
                .allSatisfy(step -> assertThat(step.apart().daylight()).isLessThan(Readings.SEEN));
        assertThat(readings.nextId())
                .as("what is struck out gives its id to no other")
                .isEqualTo("c5");
    }

    /** Two that match by daylight and not by lamplight are called out, where both spectra are known. */
    @Test
    void whatMatchesUnderOneLampOnlyIsCalledOut() {
        var one = shown("a", Reflectance.of(Collections.nCopies(Reflectance.COUNT, 0.4)));
        var apart = Readings.Apart.of(one, shown("b", Reflectance.of(WAVY)));
        assertThat(apart.daylight()).isLessThan(0.5);
        assertThat(apart.lamplight().orElseThrow()).isGreaterThan(3);
        assertThat(apart.isByOneLamp()).isTrue();
        assertThat(apart.unsure()).isCloseTo(Math.hypot(0.2, 0.2), within(1e-9));
        assertThat(Readings.Apart.of(one, typed("c", Reading.Of.PART, 60, 0, 0)).isByOneLamp())
                .as("of a typed one nothing is known by lamplight")
                .isFalse();
    }

    private static Reading shown(String id, Reflectance reflectance) {
        return new Reading(
                id,
                Reading.Of.PART,
                id,
                List.of(),
                Lab.of(reflectance, Illuminant.D65),
                new ArrayList<>(reflectance.shares()),
                Reading.How.READER,
                -1,
                TODAY);
    }

    /** What is sprayed anew is to be as its neighbours are; who was not read says nothing. */
    @Test
    void theSheenOfNeighboursIsTheirMean() {
        var readings = Readings.NONE
                .with(gloss("c1", SEAT, 30))
                .with(gloss("c2", new PartId("right-front-seat"), 36))
                .with(gloss("c3", new PartId("rear-cushion"), Reading.NO_GLOSS));
        assertThat(readings.sheen(List.of(SEAT, new PartId("right-front-seat"), new PartId("rear-cushion"))))
                .hasValue(33);
        assertThat(readings.sheen(List.of(new PartId("dash")))).isEmpty();
    }

    private static Reading gloss(String id, PartId part, double units) {
        return new Reading(
                id, Reading.Of.PART, id, List.of(part), new Lab(50, 0, 0), List.of(), Reading.How.TYPED, units, TODAY);
    }

    /** By card and eye one can say that two are far apart, not that they match. */
    @Test
    void cardAndEyeSayHowUnsureTheyAre() {
        var one = new Reading(
                "a", Reading.Of.PART, "a", List.of(), new Lab(50, 0, 0), List.of(), Reading.How.CARD, -1, TODAY);
        assertThat(Readings.Apart.of(one, typed("b", Reading.Of.PART, 51, 0, 0)).isTold())
                .isFalse();
        assertThat(Readings.Apart.of(one, typed("c", Reading.Of.PART, 62, 0, 0)).isTold())
                .isTrue();
    }

    @Test
    void neighboursFarApartInSheenAreNamed() {
        assertThat(Readings.sheensApart(Map.of("dash", 30.0, "roll", 48.0, "vent", 40.0)))
                .containsExactly("dash 30, roll 48");
    }
}
