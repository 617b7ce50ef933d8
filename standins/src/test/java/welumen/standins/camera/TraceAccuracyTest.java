package welumen.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.files.photo.PhotoFile;
import welumen.shape.Shape;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;
import welumen.trace.Tracer;

/** How near to the truth a trace comes, on photos whose truth is known. */
class TraceAccuracyTest {
    /** Half as fine as a phone's, so that they are soon drawn. */
    private static final int WIDTH = 2400;

    static Traced trace(FloorScene scene, long seed) {
        var photo = new PhotoFile(FloorPhoto.jpeg(scene, seed), "drawn").picture();
        return Tracer.trace(photo, new TraceOptions(scene.targetMm(), 0)).orThrow();
    }

    /** Tilted, bent by the lens, in uneven light, as a JPEG: what is wanted of a photo of twelve megapixels; more of them in bench. */
    @ParameterizedTest
    @ValueSource(longs = {9, 12, 21})
    void theOutlineLiesWhereThePieceDoes(long seed) {
        var scene = AnyFloor.scene(seed, WIDTH);
        var traced = trace(scene, seed);
        var laid = Laid.over(scene.piece(), traced.shape());
        assertThat(laid.meanMm()).isLessThan(0.4);
        assertThat(laid.within95Mm()).isLessThan(0.9);
        assertThat(traced.shape().outline().area())
                .isCloseTo(
                        scene.piece().outline().area(),
                        within(0.003 * scene.piece().outline().area()));
        assertThat(sizes(traced.shape())).hasSameSizeAs(sizes(scene.piece()));
        for (var i = 0; i < sizes(scene.piece()).size(); i++)
            assertThat(sizes(traced.shape()).get(i))
                    .isCloseTo(sizes(scene.piece()).get(i), within(0.5));
        assertThat(traced.circles()).hasSameSizeAs(scene.piece().holes());
    }

    /** Of the holes, from small to large; a photo tells how wide they are, not in which order. */
    static List<Double> sizes(Shape shape) {
        return shape.holes().stream()
                .map(hole -> 2 * Math.sqrt(hole.area() / Math.PI))
                .sorted()
                .toList();
    }
}
