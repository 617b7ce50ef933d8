package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.pattern.Concern.BOARDS;
import static welumen.pattern.Concern.FOAM;
import static welumen.pattern.Concern.LAYERS;
import static welumen.pattern.Concern.ROWS;
import static welumen.pattern.Concern.STRIPS;
import static welumen.pattern.Concern.TWO_SIDES;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Part;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;

/** What is asked of which part. */
class ConcernTest {
    private static Part part(String name) {
        return BodyParts.of(Body.SALOON, Side.RIGHT).stream()
                .filter(part -> part.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCarpetIsBoundAndLaidOnLayersAndNeverQuilted() {
        assertThat(Concern.of(part("left front carpet")))
                .contains(STRIPS, LAYERS, TWO_SIDES)
                .doesNotContain(ROWS, FOAM, BOARDS);
    }

    @Test
    void aSeatHasFoamAndRowsAndNoBoard() {
        assertThat(Concern.of(part("left front seat"))).contains(ROWS, FOAM).doesNotContain(BOARDS, LAYERS);
    }

    @Test
    void whatIsInTheMiddleHasNoFellow() {
        assertThat(Concern.of(part("dash"))).doesNotContain(TWO_SIDES);
        assertThat(Concern.of(part("left front door card"))).contains(TWO_SIDES, BOARDS, ROWS);
    }

    @Test
    void ofSeveralAnyCounts_andOfNoneEverything() {
        assertThat(Concern.of(List.of(part("left front carpet"), part("left front seat"))))
                .contains(ROWS, LAYERS)
                .doesNotContain(BOARDS);
        assertThat(Concern.of(List.of())).containsExactlyInAnyOrder(Concern.values());
    }
}
