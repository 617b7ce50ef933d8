package welumen.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import org.junit.jupiter.api.Test;
import welumen.files.photo.PhotoFile;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.standins.camera.FloorScene.Light;
import welumen.standins.camera.FloorScene.Sheet;
import welumen.trace.Picture;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;
import welumen.trace.Tracer;

/** Photos whose truth is known; they are half as fine as a phone's, so that they are soon drawn. */
class TracerTest {
    private static final int WIDTH = 2400;

    private static Parsed<Traced> trace(FloorScene scene, long seed) {
        return trace(new PhotoFile(FloorPhoto.jpeg(scene, seed), "drawn").picture(), scene.targetMm());
    }

    private static Parsed<Traced> trace(Picture picture, double targetMm) {
        return Tracer.trace(picture, new TraceOptions(targetMm, 0));
    }

    private static Picture picture(BufferedImage image) {
        var width = image.getWidth();
        return new Picture(width, image.getHeight(), image.getRGB(0, 0, width, image.getHeight(), null, 0, width));
    }

    private static String why(Parsed<Traced> answer) {
        return answer instanceof Refused<Traced>(var why) ? why : "traced";
    }

    /** Twelve mm of carpet and underlay: on the side away from the camera the upper edge is seen, up to 6 mm too far out. */
    @Test
    void aThickPieceIsPutBackToWhereItStands() {
        var scene = AnyFloor.scene(4, WIDTH).thick(12);
        var photo = new PhotoFile(FloorPhoto.jpeg(scene, 4), "drawn").picture();
        var seen = Tracer.trace(photo, new TraceOptions(scene.targetMm(), 12)).orThrow();
        var asThin = trace(photo, scene.targetMm()).orThrow();
        assertThat(Laid.over(scene.piece(), seen.shape()).meanMm()).isLessThan(0.4);
        assertThat(Laid.over(scene.piece(), asThin.shape()).meanMm()).isGreaterThan(0.8);
        assertThat(seen.warnings())
                .filteredOn(warning -> warning.contains("own thickness"))
                .hasSizeLessThanOrEqualTo(scene.piece().holes().size());
    }

    /** Five lines with an arc of nearly half a circle, not a hundred chords. */
    @Test
    void whatIsStraightOrRoundIsDrawnSo() {
        var traced = trace(AnyFloor.scene(9, WIDTH), 9).orThrow();
        assertThat(traced.segments()).hasSizeLessThan(9);
        assertThat(traced.residualMm()).isLessThan(0.2);
        assertThat(traced.warnings()).noneMatch(warning -> warning.contains("left out"));
    }

    /** Every length would come out 2 % too long, and no misfit would show it; one target alone does. */
    @Test
    void aTargetThatDoesNotFitTheOthersIsTakenOut() {
        var scene = AnyFloor.scene(4, WIDTH);
        var image = FloorPhoto.image(scene, 4);
        var pen = image.createGraphics();
        pen.setColor(Color.LIGHT_GRAY);
        var covered = scene.sheets().get(2);
        var at = FloorPhoto.pictureOf(scene, covered.x(), covered.y());
        var turned = FloorPhoto.pictureOf(scene, covered.x() + 0.47 * scene.targetMm(), covered.y());
        // a strip of card over half of one side's rim leaves the code readable, and the side crooked
        pen.translate(at.x(), at.y());
        pen.rotate(Math.atan2(turned.y() - at.y(), turned.x() - at.x()) - covered.turn());
        var half = Math.hypot(turned.x() - at.x(), turned.y() - at.y());
        pen.fillRect((int) (0.9 * half), (int) (-1.3 * half), (int) (0.4 * half), (int) (2.6 * half));
        pen.dispose();
        var traced = trace(picture(image), scene.targetMm()).orThrow();
        assertThat(traced.targets()).isLessThan(scene.sheets().size());
        var laid = Laid.over(scene.piece(), traced.shape());
        assertThat(laid.meanMm()).isLessThan(0.4);
    }

    /** Targets left on their sheets, with white paper half as wide as they are all round, on a dark floor. */
    @Test
    void whitePaperRoundTheTargetsIsNoPiece() {
        var scene = AnyFloor.scene(24, WIDTH);
        var sheets = new FloorScene(
                scene.piece(),
                scene.sheets().stream()
                        .map(sheet -> new Sheet(
                                sheet.number(),
                                away(sheet.x(), scene, true),
                                away(sheet.y(), scene, false),
                                sheet.turn()))
                        .toList(),
                scene.targetMm(),
                scene.camera(),
                new FloorScene.Floor(new double[] {0.1, 0.1, 0.1}, new double[] {0.3, 0.28, 0.25}, 0.06, 1.2),
                scene.light(),
                0.5,
                0);
        var traced = trace(sheets, 3).orThrow();
        assertThat(Laid.over(scene.piece(), traced.shape()).meanMm()).isLessThan(0.4);
    }

    /** Farther out, so that the paper does not lie on the piece. */
    private static double away(double at, FloorScene scene, boolean isAcross) {
        var box = scene.piece().outline().box();
        var middle = isAcross ? (box.minX() + box.maxX()) / 2 : (box.minY() + box.maxY()) / 2;
        var half = isAcross ? box.width() / 2 : box.height() / 2;
        return Math.abs(at - middle) > half ? at + Math.copySign(0.25 * scene.targetMm(), at - middle) : at;
    }

    @Test
    void withFewerThanFourTargetsThePlaneIsNotSure() {
        var scene = AnyFloor.scene(4, WIDTH);
        var few = new FloorScene(
                scene.piece(),
                scene.sheets().subList(0, 3),
                scene.targetMm(),
                scene.camera(),
                scene.floor(),
                scene.light());
        assertThat(why(trace(few, 1))).startsWith("Only 3 targets were found").contains("4 are needed");
        assertThat(why(trace(picture(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB)), 80)))
                .startsWith("No target was found");
    }

    @Test
    void aPieceThatRunsOutOfThePictureIsRefused() {
        var scene = AnyFloor.scene(4, WIDTH);
        var image = FloorPhoto.image(scene, 4);
        var middle = picture(image.getSubimage(0, 0, (int) (0.62 * WIDTH), image.getHeight()));
        assertThat(why(trace(middle, scene.targetMm()))).containsAnyOf("runs out of the picture", "are needed");
    }

    @Test
    void whereNothingLiesThatIsSaid() {
        var scene = AnyFloor.scene(4, WIDTH);
        var bare = new FloorScene(
                scene.piece(),
                scene.sheets(),
                scene.targetMm(),
                scene.camera(),
                new FloorScene.Floor(scene.floor().ground(), scene.floor().ground(), 0.05, 1.2),
                new Light(0.05, 0.05, 0, 0, 0, 20, 0.6, 0.005, 0.9));
        assertThat(why(trace(bare, 1))).startsWith("No piece was found");
    }

    @Test
    void aBlurredPhotoIsRefusedOrWarnedOf() {
        var scene = AnyFloor.scene(4, 1600);
        var shaken = new FloorScene(
                scene.piece(),
                scene.sheets(),
                scene.targetMm(),
                scene.camera(),
                scene.floor(),
                new Light(0.05, 0.05, 0, 0, 0, 20, 4.5, 0.005, 0.9));
        var answer = trace(shaken, 1);
        if (answer instanceof Refused<Traced>(var why)) assertThat(why).containsAnyOf("blurred", "target");
        else assertThat(answer.orThrow().warnings()).anyMatch(warning -> warning.contains("not sharp"));
    }

    /** Targets seen twice as large mean a floor half as wide. */
    @Test
    void theTargetsSizeIsTheMeasure() {
        var scene = AnyFloor.scene(21, WIDTH);
        var photo = new PhotoFile(FloorPhoto.jpeg(scene, 21), "drawn").picture();
        var half = trace(photo, scene.targetMm() / 2).orThrow();
        var whole = trace(photo, scene.targetMm()).orThrow();
        assertThat(whole.shape().outline().area() / half.shape().outline().area())
                .isCloseTo(4, within(0.02));
        assertThat(new ArrayList<Sheet>(scene.sheets())).hasSizeGreaterThanOrEqualTo(whole.targets());
    }
}
