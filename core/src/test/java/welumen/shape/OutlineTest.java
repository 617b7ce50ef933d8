package welumen.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import welumen.measure.Parsed.Refused;

public class OutlineTest {
    @Test
    void aRingMayRunEitherWayAndRepeatItsStart() {
        var ring = List.of(new Point(0, 0), new Point(0, 2), new Point(3, 2), new Point(3, 0), new Point(0, 0));
        assertThat(Outline.ofRing(ring).orThrow().area()).isEqualTo(6);
    }

    @Test
    void aCrossingRingIsRefusedWithThePlace() {
        var bow = List.of(new Point(0, 0), new Point(2, 2), new Point(2, 0), new Point(0, 2));
        assertThat(((Refused<Outline>) Outline.ofRing(bow)).why())
                .contains("crosses")
                .contains("(1.0, 1.0)");
    }

    @Test
    void aRingWithoutAreaIsRefused() {
        assertThat(Outline.ofRing(List.of(new Point(0, 0), new Point(1, 0))).understood())
                .isEmpty();
        assertThat(Outline.ofRing(List.of(new Point(0, 0), new Point(1, 0), new Point(2, 0)))
                        .understood())
                .isEmpty();
    }

    @Test
    void aHoleOutsideIsAFault() {
        var hole = new Pose(50, 50, 0, false).apply(Outline.rectangle(1, 1));
        assertThat(Planar.fault(new Shape(Outline.rectangle(10, 10), List.of(hole))))
                .isPresent();
        var inside = new Pose(5, 5, 0, false).apply(Outline.rectangle(1, 1));
        assertThat(Planar.fault(new Shape(Outline.rectangle(10, 10), List.of(inside))))
                .isEmpty();
    }

    @Test
    void pointsAreFinite() {
        assertThatThrownBy(() -> new Point(Double.NaN, 0)).hasMessageContaining("not finite");
    }

    @Property
    void areaKeepsTheErrorItDocuments(@ForAll("stars") Outline outline) {
        var box = outline.box();
        var bound =
                outline.corners().size() * Math.ulp(1.0) * outline.perimeter() * Math.hypot(box.width(), box.height());
        assertThat(outline.area()).isCloseTo(exactArea(outline), within(bound));
    }

    @Property
    void aPoseKeepsAreaAndDistances(
            @ForAll("stars") Outline outline,
            @ForAll @DoubleRange(min = -720, max = 720) double turn,
            @ForAll boolean flipped) {
        var pose = new Pose(12, -7, turn, flipped);
        var moved = pose.apply(outline);
        assertThat(moved.area()).isCloseTo(outline.area(), within(1e-6 * outline.area() + 1e-3));
        assertThat(moved.perimeter()).isCloseTo(outline.perimeter(), within(1e-6 * outline.perimeter()));
    }

    @Provide
    public Arbitrary<Outline> stars() {
        var radii = Arbitraries.doubles().between(1, 3_000).list().ofMinSize(3).ofMaxSize(40);
        var centre = Arbitraries.doubles().between(-1e5, 1e5);
        return Combinators.combine(radii, centre, centre).as(OutlineTest::star);
    }

    /** Counter-clockwise by construction, mostly not convex. */
    public static Outline star(List<Double> radii, double x, double y) {
        var corners = new ArrayList<Point>();
        for (var i = 0; i < radii.size(); i++) {
            var angle = 2 * Math.PI * i / radii.size();
            corners.add(new Point(x + radii.get(i) * Math.cos(angle), y + radii.get(i) * Math.sin(angle)));
        }
        return new Outline(corners);
    }

    private static double exactArea(Outline outline) {
        var sum = BigDecimal.ZERO;
        var corners = outline.corners();
        for (var i = 0; i < corners.size(); i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % corners.size());
            sum = sum.add(new BigDecimal(a.x()).multiply(new BigDecimal(b.y())))
                    .subtract(new BigDecimal(a.y()).multiply(new BigDecimal(b.x())));
        }
        return sum.divide(BigDecimal.TWO, MathContext.UNLIMITED).doubleValue();
    }
}
