package welumen.standins.camera;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Random;
import javax.imageio.ImageIO;
import welumen.evidence.Camera;

/** Draws a part with its clips on a pale bench, with slant, shadow and grain. The same subject gives the same photo. */
public final class CameraStandin implements Camera {
    private static final int WIDTH = 480;
    private static final int HEIGHT = 360;

    /** A PNG of a subject, as “left sill cover”. */
    @Override
    public byte[] shoot(String subject) {
        var random = new Random(subject.hashCode());
        var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        var pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setPaint(new GradientPaint(0, 0, new Color(0xC9BFAE), WIDTH, HEIGHT, new Color(0x9C9280)));
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        if (subject.contains("grey card")) greyCard(pen);
        pen.transform(slanted(random));
        part(pen, random);
        pen.dispose();
        grain(image, random);
        return png(image);
    }

    /** A card of L* 50, as it looks in the light of this bench. */
    private static void greyCard(Graphics2D pen) {
        pen.setColor(new Color(0x7E776B));
        pen.fill(new RoundRectangle2D.Double(12, 12, 84, 60, 4, 4));
    }

    private static AffineTransform slanted(Random random) {
        var slant = AffineTransform.getTranslateInstance(WIDTH / 2.0, HEIGHT / 2.0);
        slant.rotate(random.nextDouble() * 0.5 - 0.25);
        slant.shear(random.nextDouble() * 0.3 - 0.15, 0);
        return slant;
    }

    private static void part(Graphics2D pen, Random random) {
        var wide = 260 + random.nextInt(100);
        var high = 70 + random.nextInt(150);
        var shape = new RoundRectangle2D.Double(-wide / 2.0, -high / 2.0, wide, high, 40, 40);
        pen.setColor(new Color(0, 0, 0, 60));
        pen.translate(8, 10);
        pen.fill(shape);
        pen.translate(-8, -10);
        var hue = 0.22f + random.nextFloat() * 0.18f;
        pen.setColor(Color.getHSBColor(hue, 0.25f, 0.42f));
        pen.fill(shape);
        pen.setColor(Color.getHSBColor(hue, 0.2f, 0.58f));
        pen.setStroke(new BasicStroke(2, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND, 1, new float[] {7, 6}, 0));
        pen.draw(new RoundRectangle2D.Double(-wide / 2.0 + 10, -high / 2.0 + 10, wide - 20.0, high - 20.0, 28, 28));
        pen.setStroke(new BasicStroke(1.5f));
        for (var i = 0; i < 4 + random.nextInt(4); i++) {
            var x = -wide / 2.0 + 24 + random.nextInt(wide - 48);
            var y = (random.nextBoolean() ? 1 : -1) * (high / 2.0 - 6);
            pen.setColor(new Color(0x2A2A28));
            pen.fill(new Ellipse2D.Double(x - 6, y - 6, 12, 12));
            pen.setColor(new Color(0xB9B4A6));
            pen.draw(new Ellipse2D.Double(x - 4, y - 5, 7, 7));
        }
        var wire = new Path2D.Double();
        wire.moveTo(-wide / 2.0, high / 2.0 + 30);
        wire.curveTo(-60, high / 2.0 + 60, 40, high / 2.0, wide / 2.0, high / 2.0 + 40);
        pen.setColor(new Color(0x5B2A20));
        pen.setStroke(new BasicStroke(3));
        pen.draw(wire);
    }

    private static void grain(BufferedImage image, Random random) {
        for (var y = 0; y < HEIGHT; y++)
            for (var x = 0; x < WIDTH; x++) {
                var noise = random.nextInt(13) - 6;
                var colour = image.getRGB(x, y);
                image.setRGB(
                        x, y, shade(colour >> 16, noise) << 16 | shade(colour >> 8, noise) << 8 | shade(colour, noise));
            }
    }

    private static int shade(int channel, int noise) {
        return Math.clamp((channel & 0xFF) + noise, 0, 255);
    }

    private static byte[] png(BufferedImage image) {
        var bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
        return bytes.toByteArray();
    }
}
