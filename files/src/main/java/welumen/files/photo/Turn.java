package welumen.files.photo;

import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;

/** Turns and flips a picture so that it stands upright, by the eight values of the EXIF orientation tag. */
final class Turn {
    private Turn() {}

    /** @param orientation 1 to 8; anything else is taken as 1, upright */
    static BufferedImage upright(BufferedImage image, int orientation) {
        if (orientation < 2 || orientation > 8) return image;
        double w = image.getWidth();
        double h = image.getHeight();
        var turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            default -> new AffineTransform(0, -1, 1, 0, 0, w);
        };
        var lies = orientation >= 5;
        var upright = new BufferedImage((int) (lies ? h : w), (int) (lies ? w : h), BufferedImage.TYPE_INT_RGB);
        return new AffineTransformOp(turn, AffineTransformOp.TYPE_NEAREST_NEIGHBOR).filter(image, upright);
    }
}
