package welumen.strip.order;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.MEMBER;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.strip.Lap;
import welumen.strip.LooseGroup;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.Saloon;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripLog;
import welumen.strip.order.RefitWhy.Why;
import welumen.strip.reach.CoverMap;

class RefitWhyTest {
    private static final List<PartId> ALL = List.of(MEMBER, CARPET, SILL, SEAL, SEAT);

    @Test
    void aChainOfReasonsTellsWhyOneGoesFirst() {
        var why = (Why.Bound) RefitWhy.of(Saloon.log(), MEMBER, SEAL);
        assertThat(why.links()).extracting(RefitLink::first).containsExactly(MEMBER, CARPET, SILL);
        assertThat(why.links().getLast().reason()).isEqualTo(RefitReason.OVERLAPS);
        assertThat(RefitWhy.of(Saloon.log(), SEAL, SEAT)).isEqualTo(new Why.ByPlace());
    }

    @Test
    void anOrderOfOnesOwnIsTestedAndItsFirstConflictPriced() {
        assertThat(RefitWhy.test(Saloon.cabin(), Saloon.log(), ALL)).isEmpty();
        var early = List.of(MEMBER, SILL, SEAL, CARPET, SEAT);
        assertThat(RefitWhy.test(Saloon.cabin(), Saloon.log(), early)).hasValueSatisfying(conflict -> {
            assertThat(conflict.link().first()).isEqualTo(CARPET);
            assertThat(conflict.link().then()).isEqualTo(SILL);
            assertThat(conflict.position()).isEqualTo(1);
            // the sill cover of 4 min and the seal of 1 min upon it, off and on again
            assertThat(conflict.cost()).isEqualTo(Duration.ofMinutes(10));
        });
    }

    @Test
    void whatLapsGoesInLater() {
        var log = StripLog.EMPTY.after(new LapNoted(new Lap(SILL, CARPET, 18, false)));
        assertThat(ordered(log, List.of(SILL, CARPET)).parts()).containsExactly(CARPET, SILL);
        var edge = CoverMap.edgesOf(log, CARPET).getFirst();
        assertThat(edge.safeShortMm()).isEqualTo(12);
        assertThat(edge.safeLongMm()).isEqualTo(9);
        assertThat(edge.needsFinish()).isFalse();
    }

    /** A circle goes in loose: the group does not bind its own, is tightened once all are in, and then comes the rest. */
    @Test
    void partsFittedLooseAreTightenedTogether() {
        var circle = Saloon.log().after(new RefitLinkNoted(new RefitLink(SILL, RefitReason.CANNOT_PASS_LATER, MEMBER)));
        assertThat(RefitOrder.of(Saloon.cabin(), circle, ALL)).isInstanceOf(RefitOrder.Result.Circle.class);
        var loose = circle.after(new LooseGroupNoted(new LooseGroup(List.of(SILL, CARPET, MEMBER))));
        var order = ordered(loose, ALL);
        assertThat(order.steps())
                .containsSubsequence(
                        new RefitStep.FitLoose(SILL),
                        new RefitStep.TightenTogether(List.of(MEMBER, CARPET, SILL)),
                        new RefitStep.Fit(SEAL));
    }

    private static RefitOrder.Result.Ordered ordered(StripLog log, List<PartId> parts) {
        return (RefitOrder.Result.Ordered) RefitOrder.of(Saloon.cabin(), log, parts);
    }
}
