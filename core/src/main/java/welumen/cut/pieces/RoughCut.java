package welumen.cut.pieces;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import welumen.cut.CutPiece;
import welumen.cut.leather.LeatherTest;
import welumen.cut.leather.Worked;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/**
 * A piece that is worked damp, with steam or warm is cut larger, by what its leather shrinks and by a rim to trim; it rests,
 * and is cut to its line afterwards. Its holes are cut then too.
 */
public final class RoughCut {
    /** Rim in mm that is trimmed off all round in the end. */
    public static final double RIM_MM = 6;

    /** Shrinkage that is reckoned with until a strip has been tested. */
    public static final double UNTESTED = 0.03;

    private static final double MITRE = 2;

    private RoughCut() {}

    /** Whether something that is cut is to be trimmed to its line later. */
    public static boolean isRough(String cut, Worked worked) {
        return worked.pieces().keySet().stream().anyMatch(piece -> FromPattern.isOf(cut, piece));
    }

    /** Pieces as they are cut, those larger that are worked. */
    public static List<CutPiece> of(List<CutPiece> pieces, Worked worked) {
        return pieces.stream()
                .map(piece -> worked.pieces().entrySet().stream()
                        .filter(entry -> FromPattern.isOf(piece.id(), entry.getKey()))
                        .findFirst()
                        .map(Map.Entry::getValue)
                        .map(working -> piece.with(new Shape(
                                of(piece.shape().outline(), piece.stretch(), worked.test(piece.material(), working)))))
                        .orElse(piece))
                .toList();
    }

    /**
     * The line along which a piece is cut that is trimmed to another one later.
     *
     * @param stretch the way in which it stretches, which is across the backbone; where nobody has said, it is reckoned with
     *     the larger of both shrinkages either way
     */
    public static Outline of(Outline line, Stretch stretch, Optional<LeatherTest> test) {
        var along = Math.max(0, test.map(LeatherTest::shrinksAlong).orElse(UNTESTED));
        var across = Math.max(0, test.map(LeatherTest::shrinksAcross).orElse(UNTESTED));
        var degrees = 0.0;
        if (stretch instanceof Stretch.Along one) degrees = one.degrees();
        else along = across = Math.max(along, across);
        var middle = line.box().middle();
        var turned = Math.toRadians(degrees);
        // x of the turned piece is the way in which it stretches
        var larger = new AffineTransformation()
                .translate(-middle.x(), -middle.y())
                .rotate(-turned)
                .scale(1 / (1 - across), 1 / (1 - along))
                .rotate(turned)
                .translate(middle.x(), middle.y())
                .transform(Planar.polygon(line));
        var mitred = new BufferParameters(4, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE);
        var rough = (Polygon) BufferOp.bufferOp(larger, RIM_MM, mitred);
        return Planar.outline(
                Planar.FACTORY.createPolygon(rough.getExteriorRing().getCoordinates()));
    }
}
