package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.finish.coat.FlawDepth;
import welumen.finish.coat.Ground;
import welumen.finish.coat.HideRepair;
import welumen.finish.sheen.WantedSheen;
import welumen.intake.Standard;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;

/** First guesses at the finish bench: how dull, and how deep. */
class WantedTest {
    private static Finding finding(int number, FindingKind kind) {
        return new Finding(number, new PartId("seat"), kind, new Point(0, 0), 20, Severity.PLAIN, "");
    }

    /** A dash stands in the windscreen; neighbours of one standard are never wanted so far apart that they would be called out. */
    @ParameterizedTest
    @EnumSource
    void aDashIsTheDullestAndNeighboursGoTogether(Standard standard) {
        var dash = WantedSheen.of(standard, PartKind.DASH);
        var plastic = WantedSheen.of(standard, PartKind.CONSOLE);
        var leather = WantedSheen.of(standard, PartKind.SEAT);
        assertThat(dash).isLessThanOrEqualTo(Math.min(plastic, leather));
        assertThat(Math.max(plastic, leather) - dash).isLessThanOrEqualTo(15);
    }

    @Test
    void theDeepestFindSaysWhatIsFilled() {
        assertThat(FlawDepth.deepest(List.of(finding(1, FindingKind.SMELL)))).isEmpty();
        var deep = FlawDepth.deepest(List.of(
                        finding(1, FindingKind.SCUFF),
                        finding(2, FindingKind.DEEP_CRACK),
                        finding(3, FindingKind.FINE_CRACK)))
                .orElseThrow();
        assertThat(deep.finding().number()).isEqualTo(2);
        assertThat(new HideRepair(Ground.LEATHER, deep.mm(), Optional.empty(), Optional.empty()).layers())
                .isEqualTo(2);
        var torn = FlawDepth.deepest(List.of(finding(1, FindingKind.TEAR))).orElseThrow();
        assertThat(new HideRepair(Ground.LEATHER, torn.mm(), Optional.empty(), Optional.empty()).isTooDeep())
                .isTrue();
    }
}
