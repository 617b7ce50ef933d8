package welumen.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import welumen.cut.hide.Upright;
import welumen.files.photo.PhotoFile;
import welumen.shape.Outline;
import welumen.standins.camera.FloorCameraStandin.Lying;
import welumen.trace.TraceOptions;
import welumen.trace.Tracer;

/** A hide on the table, its flaws chalked over in the table's colour, comes into the stores from one photo. */
class HidePhotoTest {
    /** A chalked mark that is smaller than a few of the photo's pixels is not asked of it. */
    private static final double SEEN_MM = 12;

    @Test
    void aHideIsTracedWithItsFlawsAndStoodUpright() {
        var truth = Lying.HIDE.shape();
        var photo = new PhotoFile(new FloorCameraStandin().above("hide 3"), "hide 3");
        var traced = Tracer.trace(photo.picture(), new TraceOptions(80, 0)).orThrow();
        var upright = Upright.of(traced.shape()).shape();
        assertThat(upright.outline().area())
                .isCloseTo(
                        truth.outline().area(), within(0.003 * truth.outline().area()));
        var marked =
                truth.holes().stream().filter(flaw -> across(flaw) > SEEN_MM).toList();
        assertThat(marked).hasSizeGreaterThan(4);
        var low = truth.outline().box().minY();
        for (var flaw : marked) {
            var at = flaw.box().middle();
            assertThat(upright.holes())
                    .as("a flaw at %s", at)
                    .anyMatch(seen -> Math.abs(seen.box().middle().y() - (at.y() - low)) < 60
                            && Math.abs(Math.abs(seen.box().middle().x()) - Math.abs(at.x())) < 90);
        }
    }

    private static double across(Outline flaw) {
        return 2 * Math.sqrt(flaw.area() / Math.PI);
    }
}
