package welumen.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.care.Caution;
import welumen.clock.UsualWait;
import welumen.intake.Standard;
import welumen.pattern.piece.EdgeFinish;
import welumen.shape.Point;
import welumen.strip.StripCautions;
import welumen.treatment.Hours;
import welumen.treatment.Treatment;

/** The trade's tables, held against the figures of the practice. */
class TablesTest {
    @ParameterizedTest
    @CsvSource({
        "LEAVE, 0.1, 0.2, 0.3, 3, 1.0, 0.02",
        "CLEAN, 0.5, 1, 2, 3, 1.0, 0.03",
        "REFIX, 0.4, 1, 2.5, 6, 0.9, 0.08",
        "RESTITCH, 0.5, 1.2, 3, 8, 0.95, 0.06",
        "FILL_AND_RECOLOUR, 2, 3.5, 6, 5, 0.7, 0.12",
        "REFINISH, 2, 4, 9, 10, 0.7, 0.15",
        "LET_IN_PANEL, 2, 3.5, 6, 10, 0.7, 0.10",
        "RECOVER, 5, 8, 14, 20, 0.4, 0.08",
        "NEW_FOAM, 1.5, 3, 6, 20, 0.6, 0.05",
        "BUY_REPRODUCTION, 0.5, 1.5, 4, 12, 0.3, 0.25",
        "BUY_USED, 0.5, 1.5, 3, 5, 0.8, 0.20",
        "MAKE_NEW, 5, 10, 20, 20, 0.2, 0.15",
        "SEND_OUT, 0.5, 1, 2, 20, 0.8, 0.10"
    })
    void treatments(
            Treatment treatment, double low, double likely, double high, int lasts, double originality, double fails) {
        assertThat(treatment.hours()).isEqualTo(new Hours(low, likely, high));
        assertThat(treatment.lastsYears()).isEqualTo(lasts);
        assertThat(treatment.originality()).isEqualTo(originality);
        assertThat(treatment.fails()).isEqualTo(fails);
    }

    @ParameterizedTest
    @EnumSource(FindingKind.class)
    void everythingThatCanBeFoundHasATreatment(FindingKind kind) {
        assertThat(Treatment.values()).anyMatch(treatment -> treatment.treats(kind));
    }

    @ParameterizedTest
    @EnumSource(Standard.class)
    void theWeightsOfAStandardAddUpToOne(Standard standard) {
        var weights = standard.weights();
        assertThat(weights.originality() + weights.finish() + weights.durability() + weights.cost() + weights.time())
                .isCloseTo(1, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"SEWN, 10", "PIPED, 10", "FRENCH, 13", "HEM, 20", "BOUND, 0", "RAW, 0", "CUFF, 40"})
    void edgeFinishesHaveTheirUsualAllowance(EdgeFinish finish, double mm) {
        assertThat(finish.allowanceMm()).isEqualTo(mm);
    }

    @ParameterizedTest
    @CsvSource({"CONTACT_TACK, PT8M", "TWO_PART_SPRAY, PT5M", "FULL_BOND, PT24H", "EPOXY, PT24H", "COLOUR_FLASH, PT15M"
    })
    void waitsAreOfTheirUsualLength(UsualWait wait, Duration lasts) {
        assertThat(wait.lasts()).isEqualTo(lasts);
    }

    @Test
    void whatHoldsLivesAndWhatMayHoldAsbestosIsCautionedAgainst() {
        assertThat(StripCautions.of(PartKind.SEAT)).contains(Caution.SEATS_AND_BELTS, Caution.LIFTING);
        assertThat(StripCautions.of(PartKind.DASH, true)).contains(Caution.AIRBAGS);
        assertThat(StripCautions.of(PartKind.DASH, false)).doesNotContain(Caution.AIRBAGS);
        assertThat(StripCautions.of(PartKind.CARPET, true)).doesNotContain(Caution.AIRBAGS);
        assertThat(StripCautions.of(PartKind.UNDERLAY)).contains(Caution.OLD_LININGS);
        assertThat(StripCautions.of(PartKind.SHELL)).contains(Caution.STRUCTURE);
        for (var caution : Caution.values())
            assertThat(caution.sentence()).endsWith(".").hasSizeLessThan(140);
    }

    @Test
    void whatIsNotTheTrimmersToDecideStopsWorkByItself() {
        assertThat(FindingKind.values())
                .filteredOn(FindingKind::stopsWork)
                .containsExactlyInAnyOrder(
                        FindingKind.RUST_THROUGH, FindingKind.MOULD, FindingKind.STRUCTURE, FindingKind.WIRING_FAULT);
    }

    @Test
    void aFindingHasASize() {
        assertThatThrownBy(() ->
                        new Finding(1, new PartId("seat"), FindingKind.TEAR, new Point(0, 0), 0, Severity.BAD, ""))
                .hasMessageContaining("[0.0 mm] of the tear");
    }
}
