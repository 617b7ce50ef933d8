package welumen.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Traces that went wrong once; a class of its own, since the drawing of twelve megapixels takes its time and two JVMs share the classes. */
class TraceMendedTest {
    /**
     * What went wrong once, at twelve megapixels: a short arc that went round the other way (134), a hole hardly wider than a
     * soft edge (132), a hole of 8 mm at a pixel a mm, where the file blurs its colour away (301).
     */
    @ParameterizedTest
    @ValueSource(longs = {132, 134, 301})
    void whatWentWrongOnceIsRight(long seed) {
        var scene = AnyFloor.scene(seed, 4000);
        var traced = TraceAccuracyTest.trace(scene, seed);
        assertThat(Laid.over(scene.piece(), traced.shape()).meanMm()).isLessThan(0.4);
        assertThat(TraceAccuracyTest.sizes(traced.shape())).hasSameSizeAs(TraceAccuracyTest.sizes(scene.piece()));
        assertThat(TraceAccuracyTest.sizes(traced.shape()).getFirst())
                .isCloseTo(TraceAccuracyTest.sizes(scene.piece()).getFirst(), within(0.5));
    }
}
