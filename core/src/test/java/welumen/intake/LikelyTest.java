package welumen.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.measure.Money;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.EdgeCurve;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.LikelyFinding;
import welumen.survey.Severity;
import welumen.survey.Survey;
import welumen.survey.SurveyChange.FindingMade;

/** What cannot be is asked about, with what was probably meant. */
class LikelyTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 4, 14);

    @ParameterizedTest
    @CsvSource({"68, 1968", "5, 2005", "26, 2026", "27, 1927", "99, 1999"})
    void aYearOfTwoFiguresIsAskedAbout(int typed, String meant) {
        assertThat(Likely.year(typed, TODAY).orElseThrow().meant()).isEqualTo(meant);
    }

    @Test
    void aYearInWhichThereWasNoCarIsAskedAbout() {
        assertThat(Likely.year(1700, TODAY)).isPresent();
        assertThat(Likely.year(2100, TODAY)).isPresent();
        assertThat(Likely.year(1963, TODAY)).isEmpty();
        assertThat(Likely.year(2027, TODAY)).as("next year's").isEmpty();
    }

    @Test
    void aDayThatIsPastIsProbablyTheNextOfThatName() {
        assertThat(Likely.due(LocalDate.of(2026, 2, 1), TODAY).orElseThrow().meant())
                .isEqualTo("2027-02-01");
        assertThat(Likely.due(LocalDate.of(2025, 6, 12), TODAY).orElseThrow().meant())
                .isEqualTo("2026-06-12");
        assertThat(Likely.due(TODAY, TODAY)).isEmpty();
    }

    @Test
    void aBudgetBelowNoughtIsProbablyOneAbove() {
        assertThat(Likely.budget(Money.of(-6400, "GBP")).orElseThrow().meant()).isEqualTo("£6400.00");
        assertThat(Likely.budget(Money.of(0, "GBP")).orElseThrow().meant()).isEmpty();
        assertThat(Likely.budget(Money.of(6400, "GBP"))).isEmpty();
    }

    @Test
    void aPanelLongerThanAnyCarHasAndABowOfMoreThanHalfACircleAreNone() {
        var part = new PartId("console");
        assertThat(DraftText.read("pad 10 m x 300", part, "vinyl").toString())
                .contains("no panel of a car is")
                .contains("1000 mm meant");
        var pad = DraftText.read("pad 400 x 300", part, "vinyl").orThrow().piece();
        assertThat(EdgeCurve.bowed(pad, 0, 5000).toString()).contains("200 mm at the most");
        assertThat(EdgeCurve.bowed(pad, 0, -290).understood()).isEmpty();
        assertThat(EdgeCurve.bowed(pad, 0, 60).understood()).isPresent();
    }

    @Test
    void aFindingLargerThanItsPartOrThereAlreadyIsAskedAbout() {
        var card = new Part(
                new PartId("card"), "card", PartKind.DOOR_CARD, Side.LEFT, Spot.SEAT_LEFT, "", Supply.NOT_KNOWN);
        assertThat(LikelyFinding.odd(tear(1, 10, 9000), card, Survey.EMPTY).orElseThrow())
                .contains("larger than the part")
                .contains("900 mm meant");
        var marked = Survey.EMPTY.after(new FindingMade(tear(1, 10, 40)));
        assertThat(LikelyFinding.odd(tear(2, 14, 40), card, marked).orElseThrow())
                .contains("Number 1 is the same");
        assertThat(LikelyFinding.odd(tear(2, 90, 40), card, marked)).isEmpty();
        assertThat(LikelyFinding.odd(tear(1, 14, 60), card, marked))
                .as("itself, put right")
                .isEmpty();
    }

    private static Finding tear(int number, double x, double size) {
        return new Finding(number, new PartId("card"), FindingKind.TEAR, new Point(x, 10), size, Severity.PLAIN, "");
    }
}
