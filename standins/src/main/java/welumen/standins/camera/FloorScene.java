package welumen.standins.camera;

import java.util.List;
import welumen.shape.Shape;

/**
 * A flat piece on a workshop floor between printed targets, and the camera over it. Lengths in mm, angles in radians; the
 * floor's y points away from whoever holds the camera.
 *
 * @param targetMm the side of a target's black square
 * @param rim how far the white paper reaches beyond it, as a share of its side
 * @param thickMm how far the piece's face stands over the floor; its sides are upright
 */
public record FloorScene(
        Shape piece,
        List<Sheet> sheets,
        double targetMm,
        Camera camera,
        Floor floor,
        Light light,
        double rim,
        double thickMm) {
    private static final double USUAL_RIM = 0.15;

    /** With targets cut out along their line. */
    public FloorScene(Shape piece, List<Sheet> sheets, double targetMm, Camera camera, Floor floor, Light light) {
        this(piece, sheets, targetMm, camera, floor, light, USUAL_RIM, 0);
    }

    /** The same, with a piece that stands so high. */
    public FloorScene thick(double mm) {
        return new FloorScene(piece, sheets, targetMm, camera, floor, light, rim, mm);
    }

    /** A printed target: its number, its middle, and how it is turned. */
    public record Sheet(int number, double x, double y, double turn) {}

    /**
     * @param x what is in the photo's middle
     * @param distance from there
     * @param tilt away from straight down
     * @param from from which side it looks
     * @param roll about its own axis
     * @param focal in widths of the photo
     * @param barrel the radial term, by radius in half diagonals; below nought for a barrel
     */
    public record Camera(
            int width,
            int height,
            double x,
            double y,
            double distance,
            double tilt,
            double from,
            double roll,
            double focal,
            double barrel) {}

    /**
     * How floor and piece look in daylight.
     *
     * @param ground the floor's red, green and blue, as shares of white paper's light
     * @param piece the piece's
     * @param grain how uneven both are, as a share
     * @param grainMm how fine
     */
    public record Floor(double[] ground, double[] piece, double grain, double grainMm) {}

    /**
     * @param slopeX by what share the light grows over a metre
     * @param shadow how dark the piece's shadow is, 0 to 1
     * @param shadowX where it falls
     * @param soft how wide it fades
     * @param blur of the lens, as the standard deviation in pixels
     * @param noise of the chip, as a share of white
     * @param quality of the JPEG, 0 to 1
     */
    public record Light(
            double slopeX,
            double slopeY,
            double shadow,
            double shadowX,
            double shadowY,
            double soft,
            double blur,
            double noise,
            double quality) {}
}
