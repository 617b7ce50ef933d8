package welumen.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.*;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.strip.account.FixingLedger;
import welumen.strip.line.Shorthand;
import welumen.strip.order.RefitOrder;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;
import welumen.strip.reach.WhatHolds;

class ReachAndRefitTest {
    @Test
    void theWayToTheCrossMember() {
        var route = (Reach.Route) ReachPlanner.plan(cabin(), log(), MEMBER);
        assertThat(route.parts()).containsExactly(SEAL, SILL, SEAT, CARPET, MEMBER);
        assertThat(route.time()).isEqualTo(Duration.ofMinutes(1 + 4 + 15 + 20));
        assertThat(route.tools()).containsExactly("screwdriver", "plastic lever");
    }

    @Test
    void whatIsOffNeedNotComeOff() {
        var log = off(log(), SEAL, SILL);
        assertThat(((Reach.Route) ReachPlanner.plan(cabin(), log, CARPET)).parts())
                .containsExactly(SEAT, CARPET);
        assertThat(((Reach.Route) ReachPlanner.plan(cabin(), log, SILL)).parts())
                .isEmpty();
    }

    @Test
    void aCircleIsShownAsTheCircleItIs() {
        var log = log().after(new StripChange.StripRuleNoted(new StripRule(SEAL, StripReason.FOULS, CARPET)));
        var circle = (Reach.Circle) ReachPlanner.plan(cabin(), log, MEMBER);
        assertThat(circle.parts()).containsExactlyInAnyOrder(SEAL, SILL, CARPET);
    }

    @Test
    void refitIsNotAlwaysTheReverse() {
        var log = off(log(), SEAL, SILL, CARPET);
        assertThat(order(log)).containsExactly(CARPET, SILL, SEAL);
        var noted = log.after(new StripChange.RefitLinkNoted(new RefitLink(SEAL, RefitReason.CANNOT_PASS_LATER, SILL)));
        var order = order(noted);
        assertThat(order.indexOf(SEAL)).isLessThan(order.indexOf(SILL));
    }

    @Test
    void theLedgerCountsPlacesOutAndUsable() {
        var log = log();
        for (var line : List.of("5 screws no. 8", "1 screw no. 8 broken", "1 clip grey", "1 clip never there"))
            log = log.after(new StripChange.StepLogged(
                    Shorthand.read(line, SILL, cabin(), log).step(log.nextStep(), List.of())));
        var rows = FixingLedger.of(log, SILL);
        var screws = rows.getFirst();
        assertThat(screws.out()).isEqualTo(6);
        assertThat(screws.usable()).isEqualTo(5);
        assertThat(screws.toBuy()).isEqualTo(1);
        assertThat(screws.unaccounted()).isZero();
        assertThat(WhatHolds.of(off(log, SEAL), SILL)).isEmpty();
    }

    @Test
    void aFixingOfAnotherSizeFillsItsPlaceAndIsListedApart() {
        var log = log().after(new StripChange.StepLogged(
                Shorthand.read("5 screws no. 8, 1 screw no. 10, 2 clips", SILL, cabin(), log())
                        .step(1, List.of())));
        assertThat(WhatHolds.fixingsLeftAfter(log, SILL, List.of())).isEmpty();
        assertThat(FixingLedger.of(log, SILL))
                .extracting(FixingLedger.Row::size)
                .contains("no. 8", "no. 10");
    }

    @Test
    void clipsAreBoughtWithASpare() {
        var log = StripLog.EMPTY;
        log = log.after(new StripChange.StepLogged(
                Shorthand.read("20 clips broken, loose", SILL, cabin(), log).step(1, List.of())));
        assertThat(FixingLedger.of(log, SILL).getFirst().toBuy()).isEqualTo(22);
    }

    /** On random rules without circles: the route is closed under the rules, and every part in it is needed. */
    @Property(tries = 200)
    void everyRouteObeysEveryRuleAndHasNothingIdle(@ForAll long seed) {
        var random = new Random(seed);
        var ids = IntStream.range(0, 15).mapToObj(i -> new PartId("p" + i)).toList();
        var cabin = new Cabin(ids.stream()
                .map(id -> new Part(id, id.value(), PartKind.BOARD, Side.MIDDLE, Spot.TUNNEL, "", Supply.NOT_KNOWN))
                .toList());
        var rules = new ArrayList<StripRule>();
        for (var i = 0; i < ids.size(); i++)
            for (var j = 0; j < i; j++)
                if (random.nextInt(5) == 0) rules.add(new StripRule(ids.get(i), StripReason.COVERED_BY, ids.get(j)));
        var log = new StripLog(List.of(), Saloon.bonds(rules), Map.of());
        var target = ids.get(random.nextInt(ids.size()));
        var route = ((Reach.Route) ReachPlanner.plan(cabin, log, target)).parts();
        Set<PartId> gone = new HashSet<>();
        for (var part : route) {
            for (var rule : rules)
                if (rule.part().equals(part)) assertThat(gone).containsAll(rule.byAnyOf());
            gone.add(part);
        }
        for (var part : route)
            assertThat(part.equals(target)
                            || rules.stream()
                                    .anyMatch(rule -> rule.byAnyOf().contains(part) && gone.contains(rule.part())))
                    .isTrue();
    }

    private static List<PartId> order(StripLog log) {
        return ((RefitOrder.Result.Ordered) RefitOrder.of(cabin(), log, log.off())).parts();
    }

    private static StripLog off(StripLog log, PartId... parts) {
        for (var part : parts)
            log = log.after(new StripChange.StepLogged(
                    Shorthand.read("off", part, cabin(), log).step(log.nextStep(), List.of())));
        return log;
    }

    /** A usual rule says that the sill covers the carpet's edge; on this car the carpet laps the sill. */
    @Test
    void aLapThatIsNotedReplacesAUsualRuleInsteadOfMakingACircleWithIt() {
        var log = Saloon.log().after(new StripChange.LapNoted(new Lap(CARPET, SILL, 20, false)));
        assertThat(log.rules()).noneMatch(rule -> rule.equals(new StripRule(CARPET, StripReason.COVERED_BY, SILL)));
        assertThat(RefitOrder.of(Saloon.cabin(), log, List.of(CARPET, SILL)))
                .isInstanceOfSatisfying(
                        RefitOrder.Result.Ordered.class,
                        ordered -> assertThat(ordered.parts()).containsExactly(SILL, CARPET));
        var turned = log.after(new StripChange.LapNoted(new Lap(SILL, CARPET, 20, false)));
        assertThat(turned.laps()).as("the newest word on the two").hasSize(1);
    }
}
