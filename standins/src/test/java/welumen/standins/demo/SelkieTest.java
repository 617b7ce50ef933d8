package welumen.standins.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cut.hide.DrawnHide;
import welumen.pattern.cutting.CuttingLine;
import welumen.shape.Planar;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripLog;
import welumen.strip.order.RefitOrder;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;

/** The demo's car must be one that could be taken apart and put together again. */
class SelkieTest {
    private final Cabin cabin = Cabin.EMPTY.after(new PartsListed(SelkieParts.all()));

    private static StripLog log() {
        var log = StripLog.EMPTY;
        for (var change : SelkieRules.all()) log = log.after(change);
        return log;
    }

    @Test
    void everyRuleSpeaksOfPartsThatAreThere() {
        for (var change : SelkieRules.all()) {
            var parts = switch (change) {
                case StripRuleNoted(var rule) ->
                    Stream.concat(Stream.of(rule.part()), rule.byAnyOf().stream())
                            .toList();
                case LapNoted(var lap) -> List.of(lap.over(), lap.under());
                case RefitLinkNoted(var link) -> List.of(link.first(), link.then());
                case PlacesNoted(var part, var places) -> List.of(part);
                default -> throw new AssertionError(change);
            };
            for (var part : parts)
                assertThat(cabin.findOne(part)).as(part.value()).isPresent();
        }
    }

    @Test
    void everyPartCanBeReachedAndAllOfThemGoBack() {
        for (var part : cabin.parts())
            assertThat(ReachPlanner.plan(cabin, log(), part.id()))
                    .as(part.name())
                    .isInstanceOf(Reach.Route.class);
        var ids = cabin.parts().stream().map(part -> part.id()).toList();
        var order = RefitOrder.of(cabin, log(), ids);
        assertThat(order).isInstanceOf(RefitOrder.Result.Ordered.class);
        assertThat(((RefitOrder.Result.Ordered) order).parts()).hasSameElementsAs(ids);
    }

    @Test
    void everyPieceBelongsToAPartAndCanBeCut() {
        var pieces = new ArrayList<>(SeatPattern.frontSeat("left"));
        pieces.addAll(SeatPattern.frontSeat("right"));
        pieces.addAll(SeatPattern.rearSeat());
        assertThat(pieces).extracting(piece -> piece.id()).doesNotHaveDuplicates();
        for (var piece : pieces) {
            assertThat(cabin.findOne(piece.part())).as(piece.name()).isPresent();
            assertThat(CuttingLine.of(piece).area()).isGreaterThan(piece.net().area());
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 11, 23, 99})
    void aHideHasItsSizeItsFlawsWithinAndEveryGrade(long seed) {
        var hide = DrawnHide.hide("h", "hide", 4.8e6, 12, 300, seed);
        assertThat(hide.shape().outline().area()).isCloseTo(4.8e6, within(1.0));
        assertThat(hide.shape().holes()).hasSize(12);
        var whole = Planar.polygon(hide.shape().outline());
        for (var flaw : hide.shape().holes()) {
            var box = flaw.box();
            var middle = new Coordinate((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2);
            assertThat(whole.distance(Planar.FACTORY.createPoint(middle))).isLessThan(10);
        }
        assertThat(hide.zones()).extracting(zone -> zone.grade()).containsExactly(4, 3, 2, 1);
        assertThat(hide).isEqualTo(DrawnHide.hide("h", "hide", 4.8e6, 12, 300, seed));
        assertThat(hide).isNotEqualTo(DrawnHide.hide("h", "hide", 4.8e6, 12, 300, seed + 1));
    }

    @Test
    void theDayStandsWhereItIsSaidToStand() {
        assertThat(DemoDay.start(DemoDay.USUAL)).isEqualTo(Instant.parse("2026-04-14T13:53:00Z"));
        var clock = DemoDay.clock(DemoDay.USUAL);
        var first = clock.instant();
        assertThat(first)
                .isBetween(
                        DemoDay.start(DemoDay.USUAL),
                        DemoDay.start(DemoDay.USUAL).plusSeconds(60));
        assertThat(clock.instant()).isAfterOrEqualTo(first);
    }
}
