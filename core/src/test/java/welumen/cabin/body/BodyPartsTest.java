package welumen.cabin.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.CabinPlan;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.Within;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripLog;
import welumen.strip.order.RefitOrder;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;
import welumen.strip.reach.UsualRules;

class BodyPartsTest {
    @ParameterizedTest
    @EnumSource
    void everyBodyHasItsPartsOnceAndEveryAssemblyIsListed(Body body) {
        var parts = BodyParts.of(body, Side.RIGHT);
        assertThat(parts).hasSizeBetween(60, 120);
        assertThat(parts).extracting(Part::id).doesNotHaveDuplicates();
        var ids = new HashSet<>(parts.stream().map(Part::id).toList());
        for (var part : parts)
            if (part.within() instanceof Within.Assembly(var above))
                assertThat(ids).contains(above);
    }

    /** What usually holds what never runs in a circle: every part of a fresh car can be reached, and all go back. */
    @ParameterizedTest
    @EnumSource
    void aFreshCarCanBeTakenApartByTheUsualRulesAndPutTogether(Body body) {
        var cabin = Cabin.EMPTY.after(new PartsListed(BodyParts.of(body, Side.LEFT)));
        var log = StripLog.EMPTY;
        for (var rule : UsualRules.of(cabin)) log = log.after(new StripRuleNoted(rule));
        for (var part : cabin.parts())
            assertThat(ReachPlanner.plan(cabin, log, part.id())).as(part.name()).isInstanceOf(Reach.Route.class);
        var ids = cabin.parts().stream().map(Part::id).toList();
        assertThat(RefitOrder.of(cabin, log, ids)).isInstanceOf(RefitOrder.Result.Ordered.class);
    }

    @Test
    void theDriversSideChangesWithTheWheel() {
        assertThat(ids(Side.LEFT)).contains("left-heel-pad", "right-glove-box").doesNotContain("right-heel-pad");
        assertThat(ids(Side.RIGHT)).contains("right-heel-pad", "left-glove-box");
        assertThatThrownBy(() -> BodyParts.of(Body.SALOON, Side.MIDDLE)).hasMessageContaining("left or right");
    }

    @Test
    void whatIsBuiltIntoASeatComesWithIt() {
        var cabin = new Cabin(BodyParts.of(Body.SALOON, Side.LEFT));
        assertThat(cabin.partsOf(new PartId("left-front-seat")))
                .extracting(part -> part.id().value())
                .contains("left-seat-cushion-cover", "left-seat-runners")
                .doesNotContain("left-seat-runner-cover");
    }

    /** Every part is a target of its own: forty pixels each way on a stage of usual size, none over another. */
    @ParameterizedTest
    @EnumSource
    void theLargeCabinHasATargetForEveryPart(Body body) {
        var cabin = new Cabin(BodyParts.of(body, Side.LEFT));
        var plan = CabinPlan.of(cabin, 900, 600, 6);
        assertThat(plan.parts()).hasSameSizeAs(cabin.parts());
        for (var cell : plan.parts().values()) {
            assertThat(cell.width()).isGreaterThan(39.5);
            assertThat(cell.height()).isGreaterThan(39.5);
        }
        var cells = plan.parts().values().stream().toList();
        for (var i = 0; i < cells.size(); i++)
            for (var j = 0; j < i; j++) {
                var wide = Math.min(cells.get(i).maxX(), cells.get(j).maxX())
                        - Math.max(cells.get(i).minX(), cells.get(j).minX());
                var high = Math.min(cells.get(i).maxY(), cells.get(j).maxY())
                        - Math.max(cells.get(i).minY(), cells.get(j).minY());
                assertThat(Math.min(wide, high)).isLessThan(1e-6);
            }
    }

    private static java.util.List<String> ids(Side wheel) {
        return BodyParts.of(Body.SALOON, wheel).stream()
                .map(part -> part.id().value())
                .toList();
    }
}
