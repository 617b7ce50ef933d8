package welumen.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.measure.Parsed.Refused;
import welumen.pattern.Pieces;
import welumen.pattern.draft.Fullness.Reach;
import welumen.pattern.piece.EdgeCurve;

class FullnessTest {
    @ParameterizedTest
    @EnumSource
    void theEdgeIsLongerByJustThatMuchACurvedOneToo(Reach reach) {
        var panel = EdgeCurve.bowed(Pieces.rectangle("panel", 400, 300), 2, 30).orThrow();
        for (var edge : new int[] {0, 2}) {
            var full = Fullness.along(panel, edge, 45, reach).orThrow();
            assertThat(full.lengthMm(edge) - panel.lengthMm(edge)).isCloseTo(45, within(0.001));
        }
    }

    @Test
    void whatIsFannedLeavesTheFarSideAndWhatGoesThroughDoesNot() {
        var panel = Pieces.rectangle("panel", 400, 300);
        var fanned = Fullness.along(panel, 0, 40, Reach.FANNED).orThrow();
        assertThat(fanned.lengthMm(2)).isCloseTo(400, within(1e-6));
        assertThat(fanned.net().area()).isCloseTo(300 * 420, within(0.01));
        assertThat(fanned.net().box().height()).isCloseTo(300, within(1e-9));
        var through = Fullness.along(panel, 0, 40, Reach.THROUGH).orThrow();
        assertThat(through.lengthMm(2)).isCloseTo(440, within(0.001));
        assertThat(through.lengthMm(1)).isCloseTo(300, within(1e-6));
    }

    @Test
    void moreThanThreeTimesAsFullIsRefused() {
        assertThat(Fullness.along(Pieces.rectangle("panel", 100, 100), 0, 250, Reach.THROUGH))
                .isInstanceOf(Refused.class);
        assertThat(Fullness.along(Pieces.rectangle("panel", 100, 100), 0, 0, Reach.THROUGH))
                .isInstanceOf(Refused.class);
    }
}
