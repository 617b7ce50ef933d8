package welumen.treatment.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.survey.Station;
import welumen.survey.Station.Verdict;

class LaidOverTest {
    /** A floor with a corner cut off, so that it lies one way only. */
    private static final Outline FLOOR = new Outline(
            List.of(new Point(0, 0), new Point(900, 0), new Point(900, 500), new Point(700, 760), new Point(0, 760)));

    private static Outline moved(Outline outline, double x, double y, double turn) {
        return new Outline(outline.corners().stream()
                .map(point -> new Point(
                        x + point.x() * Math.cos(turn) - point.y() * Math.sin(turn),
                        y + point.x() * Math.sin(turn) + point.y() * Math.cos(turn)))
                .toList());
    }

    private static double worstShort(LaidOver over) {
        return over.stations().stream().mapToDouble(one -> -one.overMm()).max().orElseThrow();
    }

    /** The same outline, wherever and however it was traced, lies exactly. */
    @Property(tries = 20)
    void whatIsTheSameLiesExactly(
            @ForAll @DoubleRange(min = -400, max = 400) double x,
            @ForAll @DoubleRange(min = -400, max = 400) double y,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double turn) {
        var over = LaidOver.best(new Needed(FLOOR, Map.of(), List.of()), moved(FLOOR, x, y, turn));
        assertThat(worstShort(over)).isLessThan(0.5);
    }

    /** 20 mm too narrow on a plain rectangle: the shortness is shared, 10 mm on each side. */
    @Test
    void whatIsTooNarrowIsShortOnBothSides() {
        var needed = Outline.rectangle(900, 760);
        var over = LaidOver.best(new Needed(needed, Map.of(), List.of()), Outline.rectangle(880, 780));
        assertThat(worstShort(over)).isCloseTo(10, within(0.2));

        assertThat(over.stations())
                .filteredOn(one -> one.verdict() == Verdict.SHORT)
                .isNotEmpty();
        assertThat(over.worstByEdge())
                .extracting(Station::where)
                .containsExactly("edge 1", "edge 2", "edge 3", "edge 4");
        assertThat(over.worstByEdge().get(1).overMm()).isCloseTo(-10, within(0.2));
    }

    /** Where one edge is lapped by 30 mm, all the shortness is pushed under the lap, and nothing shows. */
    @Test
    void shortnessGoesWhereItIsCovered() {
        var over = LaidOver.best(
                new Needed(Outline.rectangle(900, 760), Map.of(1, 30.0), List.of()), Outline.rectangle(880, 780));
        assertThat(over.stations()).allMatch(one -> one.showsMm() < 0.6);
        assertThat(over.stations()).anyMatch(one -> one.verdict() == Verdict.HIDDEN);
    }

    /** Held against the geometry library: distance to the ring, with its sign by containment. */
    @Test
    void everyMeasureAgreesWithAnIndependentOne() {
        var bought = moved(Outline.rectangle(870, 770), 60, -20, 0.04);
        var over = LaidOver.best(new Needed(FLOOR, Map.of(), List.of()), bought);
        var polygon = Planar.polygon(over.bought());
        for (var i = 0; i < over.places().size(); i++) {
            var at = Planar.FACTORY.createPoint(new Coordinate(
                    over.places().get(i).x(), over.places().get(i).y()));
            var distance = polygon.getExteriorRing().distance(at);
            var signed = polygon.contains(at) ? distance : -distance;
            assertThat(over.stations().get(i).overMm()).isCloseTo(signed, within(1e-6));
        }
        assertThat(over.bought().area()).isCloseTo(bought.area(), within(1e-3));
    }

    /** No place tried by hand around it is better. */
    @Test
    void noNearbyPlaceShowsLess() {
        var needed = FLOOR;
        var bought = Outline.rectangle(880, 750);
        var best = LaidOver.best(new Needed(needed, Map.of(), List.of()), bought);
        var least = shows(best.stations().stream());
        for (var x : List.of(-3.0, 0.0, 3.0))
            for (var y : List.of(-3.0, 0.0, 3.0)) {
                var there = moved(best.bought(), x, y, 0);
                var stations = best.places().stream()
                        .map(place -> new Station("", SignedDistance.inside(there.corners(), place), 0));
                assertThat(shows(stations)).isGreaterThanOrEqualTo(least - 1e-6);
            }
    }

    private static double shows(Stream<Station> stations) {
        return stations.mapToDouble(one -> one.showsMm() * one.showsMm()).sum();
    }

    @Test
    void whatMustStayFreeIsCalledOut() {
        var pedal = new Outline(
                List.of(new Point(400, 300), new Point(460, 300), new Point(460, 380), new Point(400, 380)));
        var far = new Outline(
                List.of(new Point(2000, 0), new Point(2100, 0), new Point(2100, 100), new Point(2000, 100)));
        var over = LaidOver.best(new Needed(FLOOR, Map.of(), List.of(far, pedal)), FLOOR);
        assertThat(over.entered()).containsExactly(1);
    }

    @Test
    void lapsAndKeepOutsComeAndGo() {
        var needed = new Needed(Outline.rectangle(900, 760), Map.of(), List.of());
        assertThat(needed.edgeNear(new Point(890, 400))).isEqualTo(1);
        assertThat(needed.edgeNear(new Point(450, 5))).isZero();
        var lapped = needed.lapped(1, 30).keepingOut(Outline.rectangle(10, 10));
        assertThat(lapped.coveredMm()).isEqualTo(Map.of(1, 30.0));
        assertThat(lapped.withoutLastKeepOut().lapped(1, 0)).isEqualTo(needed);
        assertThat(needed.withoutLastKeepOut()).isEqualTo(needed);
        assertThatThrownBy(() -> needed.lapped(4, 30)).hasMessageContaining("Edge [4]");
    }
}
