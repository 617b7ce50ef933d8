package welumen.treatment.carrier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.cabin.Part;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.treatment.Matter;
import welumen.treatment.Treatment;

class CarrierRepairTest {
    private static final Part CARD = Saloon.cabin().one(Saloon.SEAT).withMaterial("hardboard");
    private static final Part PAD = CARD.withMaterial("moulded foam");

    private static Optional<Recipe> recipe(Part part, FindingKind kind, double mm) {
        return CarrierRepair.of(part, new Finding(1, part.id(), kind, new Point(1, 1), mm, Severity.PLAIN, ""));
    }

    /** Drawn as 200 by 100 mm. */
    private static Finding patch(FindingKind kind) {
        return new Finding(
                1, PAD.id(), kind, new Mark.Patch(Outline.rectangle(200, 100)), 200, Severity.BAD, "", List.of());
    }

    /** A boss of 20 mm: a plate of 60 by 60, 3,600 mm² bedded 0.8 mm deep is 2.88 ml, and a quarter more is lost. */
    @Test
    void aBrokenBossGetsAPlateThreeTimesAsWide() {
        var recipe = recipe(CARD, FindingKind.BROKEN_TAB, 20).orElseThrow();
        assertThat(recipe.amounts()).isEqualTo("a plate 60 mm by 60 mm of 2 mm, 3.6 ml of epoxy");
        assertThat(recipe.said()).contains("Cures 24 h").contains("90 %").contains("Never lean on it");
    }

    /** A clip's hole of 8 mm drilled to 10, 12 deep: 0.94 ml, 1.2 with what is lost. */
    @Test
    void aClipSeatIsSetAnew() {
        assertThat(recipe(CARD, FindingKind.MISSING_CLIP, 8).orElseThrow().amounts())
                .contains("drill 10 mm")
                .contains("1.2 ml");
        assertThat(recipe(CARD.withMaterial("wool"), FindingKind.MISSING_CLIP, 8))
                .isEmpty();
    }

    /** A patch of 200 by 100 mm, 15 deep: 300 ml; a twentieth of it as liquid, with loss and weight 20.6, so 21 g. */
    @Test
    void aTornPadIsPoured() {
        assertThat(CarrierRepair.of(PAD, patch(FindingKind.TEAR)).orElseThrow().amounts())
                .isEqualTo("300 ml to fill, so 21 g of both parts together at 20 times");
    }

    /** The drawn patch of 0.02 m² takes 10 ml of glue on two faces. */
    @Test
    void flatFoamIsRaisedFromBelow() {
        assertThat(CarrierRepair.of(PAD, patch(FindingKind.FLAT_FOAM))
                        .orElseThrow()
                        .amounts())
                .isEqualTo("200 cm² of foam 20 mm thick, edges feathered; 10 ml of foam glue on both faces");
    }

    @Test
    void whatIsNoCarriersFailureHasNone() {
        assertThat(recipe(CARD, FindingKind.STAIN, 30)).isEmpty();
        assertThat(recipe(CARD.withMaterial("leather"), FindingKind.TEAR, 30)).isEmpty();
        assertThat(recipe(CARD, FindingKind.TEAR, 30)).isPresent();
        assertThat(recipe(CARD, FindingKind.WARPED_BOARD, 300)).isPresent();
        assertThat(recipe(CARD, FindingKind.BROKEN_SPRING, 80).orElseThrow().amounts())
                .contains("184 mm");
        assertThatThrownBy(() -> new Recipe("", "", 1, "", 1.2, "")).hasMessageContaining("1.2");
    }

    /** A broken boss is offered its repair though vinyl covers the board, and a tear in that vinyl none of the board's. */
    @Test
    void theCarrierIsWhatLiesBeneath() {
        var covered = CARD.withMaterial("vinyl on board");
        assertThat(Matter.of(covered)).isEqualTo(Matter.VINYL);
        assertThat(Matter.carrier(covered)).isEqualTo(Matter.BOARD);
        assertThat(Matter.carrier(CARD)).isEqualTo(Matter.BOARD);
        assertThat(Treatment.REPAIR_BOARD.fits(covered)).isTrue();
        assertThat(Treatment.REPAIR_BOARD.fits(CARD.withMaterial("leather"))).isFalse();
        assertThat(Treatment.FILL_AND_RECOLOUR.fits(covered)).isTrue();
        assertThat(recipe(covered, FindingKind.MISSING_CLIP, 8)).isPresent();
        assertThat(recipe(covered, FindingKind.TEAR, 30)).isEmpty();
    }
}
