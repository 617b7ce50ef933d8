package welumen.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.measure.Parsed.Refused;
import welumen.pattern.draft.DraftText.Drawn;

class DraftTextTest {
    private static final PartId PART = new PartId("kick-panel");

    private static Drawn draw(String typed) {
        return DraftText.read(typed, PART, "card").orThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bolster 520 x 610              | bolster     | 317200",
                "bolster 520 by 610, top 480    | bolster     | 305000",
                "cap oval 300 x 180             | cap         | 42412",
                "speaker pad round 165          | speaker pad | 21382",
                "board 400 x 300, corners 30    | board       | 119227",
                "headrest 280 x 160, rise 25    | headrest    | 49497",
            })
    void simpleShapesHaveTheirAreas(String typed, String name, double area) {
        var piece = draw(typed).piece();
        assertThat(piece.name()).isEqualTo(name);
        assertThat(piece.edges()).hasSize(4);
        assertThat(piece.net().area()).isCloseTo(area, within(area * 5e-4));
    }

    @Test
    void roundOnesAreAsLongRoundAsTheyAre() {
        assertThat(draw("pad round 200").piece().net().perimeter()).isCloseTo(200 * Math.PI, within(0.2));
        var round = 2 * (340 + 240) + 2 * Math.PI * 30;
        assertThat(draw("board 400 x 300, corners 30").piece().net().perimeter())
                .isCloseTo(round, within(0.02));
    }

    @Test
    void aCardIsDrawnFromItsSidesAndDiagonals() {
        var drawn = draw("left kick panel: AB 420, BC 310, CD 400 bow 12, DA 305, AC 520");
        var card = drawn.card().orElseThrow();
        assertThat(card.agrees()).isTrue();
        assertThat(drawn.piece().name()).isEqualTo("left kick panel");
        assertThat(drawn.piece().lengthMm(0)).isCloseTo(420, within(0.01));
        // an arc over 400 that stands 12 off it
        var half = 2 * Math.atan(24 / 400.0);
        assertThat(drawn.piece().lengthMm(2)).isCloseTo(200 / Math.sin(half) * 2 * half, within(0.02));
        assertThat(drawn.piece().edges().get(2).name()).isEqualTo("CD");
    }

    @Test
    void lengthsMayBeInInches() {
        assertThat(draw("flap AB 10 in, BC 8 in, CA 12 in").piece().lengthMm(0)).isCloseTo(254, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "bolster",
                "520 x 610",
                "bolster 0 x 610",
                "kick panel AB 420, BC 310, CD 400, DA 305",
                "kick panel AB 420, BC, CA 300",
                "kick panel AB 420, BC 310, CD 400, DA 305, AC 520 bow 10",
                "kick panel AA 420, BC 310, CA 400",
                "board 100 x 60, corners 80",
                "bolster 400 x 300, top 0",
            })
    void whatMakesNoPieceIsRefusedInWords(String typed) {
        assertThat(DraftText.read(typed, PART, "card"))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.why()).endsWith(".").doesNotContain("null"));
    }
}
