package welumen.strip.reach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.strip.StripReason;
import welumen.strip.StripRule;

/** What a trimmer would say of any saloon before a screw is turned. */
class UsualRulesTest {
    private static final Cabin SALOON = new Cabin(BodyParts.of(Body.SALOON, Side.RIGHT));

    @ParameterizedTest
    @CsvSource({
        "left-sill-cover, COVERED_BY, left-front-door-seal",
        "left-centre-pillar-trim, COVERED_BY, left-rear-door-seal",
        "left-front-door-card, FIXED_THROUGH, left-front-window-winder",
        "left-front-water-shield, COVERED_BY, left-front-door-card",
        "left-front-seat, FIXED_THROUGH, left-seat-runner-cover",
        "left-seat-cushion-foam, COVERED_BY, left-seat-cushion-cover",
        "left-seat-cushion-cover, BUILT_INTO, left-front-seat",
        "left-front-carpet, TRAPPED_BEHIND, left-front-seat",
        "left-front-carpet, COVERED_BY, console",
        "left-front-underlay, COVERED_BY, left-front-carpet",
        "cross-member, COVERED_BY, left-front-underlay",
        "dash, COVERED_BY, padded-roll",
        "bulkhead-trim, TRAPPED_BEHIND, dash",
        "headlining, COVERED_BY, right-sun-visor",
        "rear-backrest, COVERED_BY, rear-cushion",
        "parcel-shelf, TRAPPED_BEHIND, rear-backrest"
    })
    void whatUsuallyHoldsWhat(String part, StripReason reason, String by) {
        assertThat(UsualRules.of(SALOON)).contains(new StripRule(new PartId(part), reason, new PartId(by)));
    }

    @ParameterizedTest
    @CsvSource({
        "left-sill-cover, right-front-door-seal",
        "left-seat-cushion-foam, left-seat-backrest-cover",
        "left-front-carpet, right-front-seat",
        "left-front-door-card, left-rear-window-winder"
    })
    void whatDoesNot(String part, String by) {
        assertThat(UsualRules.of(SALOON))
                .noneMatch(rule ->
                        rule.part().value().equals(part) && rule.byAnyOf().equals(List.of(new PartId(by))));
    }

    /** A part that this car does not have holds nothing. */
    @Test
    void aPartThatWasStruckOffHoldsNothing() {
        var without = SALOON.after(new PartStruckOff(new PartId("console")));
        assertThat(UsualRules.of(without)).noneMatch(rule -> rule.byAnyOf().contains(new PartId("console")));
        assertThat(UsualRules.of(without)).hasSizeLessThan(UsualRules.of(SALOON).size());
    }
}
