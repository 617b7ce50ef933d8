package welumen.standins.camera;

import java.util.List;
import java.util.Locale;
import welumen.cut.hide.DrawnHide;
import welumen.shape.Outline;
import welumen.shape.Shape;
import welumen.standins.camera.FloorScene.Camera;
import welumen.standins.camera.FloorScene.Floor;
import welumen.standins.camera.FloorScene.Light;
import welumen.standins.camera.FloorScene.Sheet;
import welumen.trace.FloorCamera;

/**
 * Photographs what it has: an old footwell carpet, a cushion's cover and a door card, each unpicked and laid flat between
 * targets of 80 mm, and a hide whose flaws are chalked over in the table's colour; the true shape of each is known.
 */
public final class FloorCameraStandin implements FloorCamera {
    /** Width of its photos in pixels. */
    private static final int WIDTH = 3200;

    private static final double TARGET_MM = 80;

    private final int width;

    public FloorCameraStandin() {
        this(WIDTH);
    }

    /** A camera of fewer pixels, whose photos are traced the sooner. @param width of its photos, in pixels */
    public FloorCameraStandin(int width) {
        this.width = width;
    }

    /** What lies on the floor. */
    public enum Lying {
        CARPET,
        CUSHION,
        CARD,
        HIDE;

        /** In mm, with its holes. */
        public Shape shape() {
            return switch (this) {
                case CARPET -> carpet();
                case CUSHION -> cushion();
                case CARD -> card();
                case HIDE -> DrawnHide.hide("hide", "hide", 4.8e6, 9, 0, 31).shape();
            };
        }
    }

    @Override
    public byte[] above(String subject) {
        return FloorPhoto.jpeg(scene(lying(subject), width), 7);
    }

    static Lying lying(String subject) {
        var name = subject.toLowerCase(Locale.ROOT);
        if (name.startsWith("hide")) return Lying.HIDE;
        if (name.contains("seat") || name.contains("cushion")) return Lying.CUSHION;
        return name.contains("card") || name.contains("door") ? Lying.CARD : Lying.CARPET;
    }

    /** Straight at the sill, round at the tunnel, cut out for the dip switch, with the holes of two fixings. */
    private static Shape carpet() {
        var outline = Drawn.from(0, 0)
                .to(520, 0)
                .round(520, 90, Math.PI / 2)
                .to(610, 480)
                .to(540, 560)
                .to(330, 575)
                .round(300, 575, -Math.PI)
                .to(60, 575)
                .to(0, 500)
                .close();
        return new Shape(outline, List.of(Drawn.circle(80, 80, 7), Drawn.circle(520, 430, 7), heel()));
    }

    /** Where the heel pad is let in. */
    private static Outline heel() {
        return Drawn.from(230, 150).to(390, 150).to(390, 260).to(230, 260).close();
    }

    /** Wider at the front, whose corners are round. */
    private static Shape cushion() {
        return new Shape(Drawn.from(60, 0)
                .to(500, 0)
                .round(500, 60, Math.PI / 2)
                .to(530, 470)
                .to(30, 470)
                .to(0, 60)
                .round(60, 60, Math.PI / 2)
                .close());
    }

    /** With holes for the winder, the latch and the pull. */
    private static Shape card() {
        var outline = Drawn.from(0, 0)
                .to(760, 0)
                .to(760, 380)
                .to(690, 470)
                .to(40, 470)
                .round(40, 430, Math.PI / 2)
                .close();
        return new Shape(
                outline, List.of(Drawn.circle(470, 210, 16), Drawn.circle(560, 330, 11), Drawn.circle(180, 300, 4.5)));
    }

    /** As a hand holds it: some 20° off, with a lens that bends, daylight from one side and a soft shadow. */
    public static FloorScene scene(Lying lying) {
        return scene(lying, WIDTH);
    }

    private static FloorScene scene(Lying lying, int width) {
        var shape = lying.shape();
        var box = shape.outline().box();
        var off = 95.0;
        var middleX = (box.minX() + box.maxX()) / 2;
        var middleY = (box.minY() + box.maxY()) / 2;
        var sheets = List.of(
                new Sheet(0, box.minX() - off, box.minY() - off, 0.1),
                new Sheet(1, middleX + 20, box.minY() - off, 1.2),
                new Sheet(2, box.maxX() + off, box.minY() - off + 10, -0.3),
                new Sheet(3, box.maxX() + off, middleY, 0.7),
                new Sheet(4, box.maxX() + off - 10, box.maxY() + off, 2.1),
                new Sheet(5, middleX - 30, box.maxY() + off, 0.2),
                new Sheet(6, box.minX() - off + 5, box.maxY() + off, -1),
                new Sheet(7, box.minX() - off, middleY + 15, 0.4));
        var camera = new Camera(
                width, width * 3 / 4, middleX, middleY, 1.35 * (box.width() + 300), 0.34, 1.7, 0.05, 0.75, -0.07);
        return new FloorScene(shape, sheets, TARGET_MM, camera, floor(lying), light());
    }

    private static Floor floor(Lying lying) {
        return switch (lying) {
            case CARPET -> new Floor(new double[] {0.52, 0.51, 0.48}, new double[] {0.075, 0.08, 0.085}, 0.1, 1.6);
            case HIDE -> new Floor(new double[] {0.62, 0.60, 0.56}, new double[] {0.24, 0.31, 0.23}, 0.04, 1.0);
            case CUSHION -> new Floor(new double[] {0.42, 0.42, 0.41}, new double[] {0.20, 0.29, 0.19}, 0.05, 1.2);
            case CARD -> new Floor(new double[] {0.10, 0.10, 0.11}, new double[] {0.46, 0.38, 0.27}, 0.05, 1.4);
        };
    }

    private static Light light() {
        return new Light(0.08, -0.06, 0.25, 6, -5, 30, 0.8, 0.005, 0.9);
    }
}
