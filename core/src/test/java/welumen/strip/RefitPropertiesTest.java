package welumen.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.strip.order.RefitLinks;
import welumen.strip.order.RefitOrder;
import welumen.strip.order.RefitStep;
import welumen.strip.order.RefitWhy;

/** Refit on random cars: rules that run one way, laps, and a group that goes in loose. */
class RefitPropertiesTest {
    private static final int PARTS = 14;

    private record Case(Cabin cabin, StripLog log, List<PartId> parts) {}

    private static Case car(Random random) {
        var spots = Spot.values();
        var ids = IntStream.range(0, PARTS).mapToObj(i -> new PartId("p" + i)).toList();
        var cabin = new Cabin(ids.stream()
                .map(id -> new Part(
                        id,
                        id.value(),
                        PartKind.values()[random.nextInt(PartKind.values().length)],
                        Side.values()[random.nextInt(3)],
                        spots[random.nextInt(spots.length)],
                        "",
                        Supply.NOT_KNOWN))
                .toList());
        var rules = new ArrayList<StripRule>();
        var laps = new ArrayList<Lap>();
        for (var i = 1; i < PARTS; i++)
            for (var j = 0; j < i; j++) {
                if (random.nextInt(6) == 0) rules.add(new StripRule(ids.get(i), StripReason.COVERED_BY, ids.get(j)));
                if (random.nextInt(20) == 0) laps.add(new Lap(ids.get(j), ids.get(i), 5, false));
            }
        var side = Side.values()[random.nextInt(3)];
        var log = new StripLog(List.of(), new Bonds(rules, List.of(), laps, List.of(), side), Map.of());
        return new Case(cabin, log, ids);
    }

    @Property(tries = 150)
    void theOrderObeysEveryLinkAndItsOwnTest(@ForAll long seed) {
        var one = car(new Random(seed));
        var ordered = (RefitOrder.Result.Ordered) RefitOrder.of(one.cabin(), one.log(), one.parts());
        assertThat(ordered.parts()).containsExactlyInAnyOrderElementsOf(one.parts());
        for (var link : RefitLinks.of(one.log()))
            assertThat(ordered.parts().indexOf(link.first()))
                    .isLessThan(ordered.parts().indexOf(link.then()));
        assertThat(RefitWhy.test(one.cabin(), one.log(), ordered.parts())).isEmpty();
    }

    /** The first conflict of a shuffled order is one indeed, and none comes before it. */
    @Property(tries = 150)
    void theFirstConflictIsTheFirst(@ForAll long seed) {
        var random = new Random(seed);
        var one = car(random);
        var order = new ArrayList<>(one.parts());
        Collections.shuffle(order, random);
        var links = RefitLinks.of(one.log());
        var first = IntStream.range(0, order.size())
                .filter(at -> links.stream()
                        .anyMatch(link -> link.then().equals(order.get(at)) && order.indexOf(link.first()) > at))
                .findFirst();
        var conflict = RefitWhy.test(one.cabin(), one.log(), order);
        assertThat(conflict.isPresent()).isEqualTo(first.isPresent());
        conflict.ifPresent(found -> {
            assertThat(found.position()).isEqualTo(first.orElseThrow());
            assertThat(order.get(found.position())).isEqualTo(found.link().then());
            assertThat(found.cost())
                    .isGreaterThanOrEqualTo(one.cabin()
                            .one(found.link().then())
                            .kind()
                            .takesOff()
                            .multipliedBy(2));
        });
    }

    /** Every chain that is given as a reason leads from the one part to the other, link by link. */
    @Property(tries = 100)
    void everyChainOfReasonsHolds(@ForAll long seed) {
        var random = new Random(seed);
        var one = car(random);
        var from = one.parts().get(random.nextInt(PARTS));
        var to = one.parts().get(random.nextInt(PARTS));
        if (from.equals(to)) return;
        if (RefitWhy.of(one.log(), from, to) instanceof RefitWhy.Why.Bound(var links)) {
            assertThat(links.getFirst().first()).isEqualTo(from);
            assertThat(links.getLast().then()).isEqualTo(to);
            for (var i = 1; i < links.size(); i++)
                assertThat(links.get(i).first()).isEqualTo(links.get(i - 1).then());
            assertThat(RefitLinks.of(one.log())).containsAll(links);
        }
    }

    /** Parts that go in loose are tightened once, after the last of them and before whatever waits for any of them. */
    @Property(tries = 150)
    void aLooseGroupIsTightenedOnceAllAreIn(@ForAll long seed) {
        var random = new Random(seed);
        var one = car(random);
        var group = new LooseGroup(List.of(one.parts().get(3), one.parts().get(4)));
        var log = one.log().after(new StripChange.LooseGroupNoted(group));
        if (!(RefitOrder.of(one.cabin(), log, one.parts()) instanceof RefitOrder.Result.Ordered ordered)) return;
        var steps = ordered.steps();
        var tightened = steps.indexOf(new RefitStep.TightenTogether(group.parts()));
        assertThat(tightened).isPositive();
        for (var part : group.parts())
            assertThat(steps.indexOf(new RefitStep.FitLoose(part))).isBetween(0, tightened - 1);
        for (var link : RefitLinks.of(log))
            if (group.parts().contains(link.first()))
                assertThat(steps.indexOf(new RefitStep.Fit(link.then()))).isGreaterThan(tightened);
        assertThat(steps).hasSize(PARTS + 1);
    }
}
