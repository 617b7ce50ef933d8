package welumen.files.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.journal.StoreException;

class PhotoFileTest {
    /** A wide picture whose upper left quarter is red, as the camera would write it held in each of the eight ways. */
    @ParameterizedTest
    @CsvSource({
        "1, 80, 40, 10, 10",
        "2, 80, 40, 70, 10",
        "3, 80, 40, 70, 30",
        "4, 80, 40, 10, 30",
        "5, 40, 80, 10, 10",
        "6, 40, 80, 30, 10",
        "7, 40, 80, 30, 70",
        "8, 40, 80, 10, 70"
    })
    void theCamerasTurnIsObeyed(int orientation, int width, int height, int redX, int redY) throws IOException {
        var upright = new PhotoFile(jpeg(orientation, ""), "held.jpg").read(1000);
        assertThat(upright.getWidth()).isEqualTo(width);
        assertThat(upright.getHeight()).isEqualTo(height);
        assertThat(new Color(upright.getRGB(redX, redY)).getGreen()).isLessThan(80);
        assertThat(new Color(upright.getRGB(width - 1 - redX, height - 1 - redY)).getGreen())
                .isGreaterThan(180);
    }

    @Test
    void theCamerasTimeIsRead() throws IOException {
        var photo = new PhotoFile(jpeg(1, "2026:04:14 13:31:05"), "timed.jpg");
        assertThat(photo.taken(ZoneOffset.UTC)).contains(Instant.parse("2026-04-14T13:31:05Z"));
        assertThat(new PhotoFile(jpeg(1, ""), "untimed.jpg").taken(ZoneOffset.UTC))
                .isEmpty();
    }

    @Test
    void whatIsNoWholePhotoIsRefusedByName() throws IOException {
        var whole = bytes(noise(), "jpg");
        assertThatThrownBy(() -> new PhotoFile("no photo".getBytes(StandardCharsets.UTF_8), "notes.jpg").read(100))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("[notes.jpg]");
        for (var length : new int[] {whole.length / 2, whole.length - 200})
            assertThatThrownBy(() -> new PhotoFile(Arrays.copyOf(whole, length), "torn.jpg").read(100))
                    .hasMessageContaining("[torn.jpg]");
        var png = bytes(noise(), "png");
        assertThatThrownBy(() -> new PhotoFile(Arrays.copyOf(png, png.length / 2), "torn.png").read(100))
                .hasMessageContaining("[torn.png]");
    }

    /** Fifty megapixels are read in the memory of a small picture. */
    @Test
    void aLargePhotoIsReadSmall() throws IOException {
        var large = new BufferedImage(8660, 5773, BufferedImage.TYPE_BYTE_GRAY);
        var small = new PhotoFile(bytes(large, "jpg"), "large.jpg").read(320);
        assertThat(small.getWidth()).isEqualTo(320);
        assertThat(small.getHeight()).isBetween(212, 215);
        var tooLarge = new BufferedImage(9000, 8000, BufferedImage.TYPE_BYTE_BINARY);
        assertThatThrownBy(() -> new PhotoFile(bytes(tooLarge, "png"), "huge.png").read(320))
                .hasMessageContaining("[huge.png]")
                .hasMessageContaining("72 megapixels");
    }

    @Test
    void droppedPhotosArePickedUpByTimeAndOnlyOnce(@TempDir Path folder) throws IOException {
        Files.write(folder.resolve("b.jpg"), jpeg(1, "2026:04:14 13:40:00"));
        Files.write(folder.resolve("a.jpg"), jpeg(1, "2026:04:14 13:50:00"));
        Files.write(folder.resolve("old.jpg"), jpeg(1, "2026:04:13 09:00:00"));
        Files.writeString(folder.resolve("notes.txt"), "no photo");
        var drop = new DropFolder(folder);
        var since = Instant.parse("2026-04-14T13:00:00Z");
        var waiting = drop.since(since, ZoneOffset.UTC);
        assertThat(waiting)
                .extracting(one -> one.file().getFileName().toString())
                .containsExactly("b.jpg", "a.jpg");
        drop.putAside(waiting.getFirst());
        assertThat(drop.since(since, ZoneOffset.UTC)).hasSize(1);
        assertThat(folder.resolve("kept/b.jpg")).exists();
    }

    private static BufferedImage picture() {
        var image = new BufferedImage(80, 40, BufferedImage.TYPE_INT_RGB);
        var pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 80, 40);
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, 40, 20);
        pen.dispose();
        return image;
    }

    private static BufferedImage noise() {
        var image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        var random = new Random(1);
        for (var y = 0; y < 200; y++) for (var x = 0; x < 300; x++) image.setRGB(x, y, random.nextInt());
        return image;
    }

    private static byte[] bytes(BufferedImage image, String format) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** A JPEG with the two EXIF tags that matter: orientation, and when it was taken where that is not empty. */
    private static byte[] jpeg(int orientation, String taken) throws IOException {
        var plain = bytes(picture(), "jpg");
        var tiff = new ByteArrayOutputStream();
        tiff.writeBytes("MM\0*\0\0\0\10".getBytes(StandardCharsets.ISO_8859_1));
        tiff.writeBytes(new byte[] {0, (byte) (taken.isEmpty() ? 1 : 2)});
        tiff.writeBytes(new byte[] {1, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0});
        if (!taken.isEmpty()) tiff.writeBytes(new byte[] {(byte) 0x87, 0x69, 0, 4, 0, 0, 0, 1, 0, 0, 0, 38});
        tiff.writeBytes(new byte[4]);
        if (!taken.isEmpty()) {
            tiff.writeBytes(new byte[] {0, 1, (byte) 0x90, 3, 0, 2, 0, 0, 0, 20, 0, 0, 0, 56});
            tiff.writeBytes(new byte[4]);
            tiff.writeBytes((taken + "\0").getBytes(StandardCharsets.US_ASCII));
        }
        var exif = new ByteArrayOutputStream();
        exif.writeBytes("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        exif.writeBytes(tiff.toByteArray());
        var out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        var length = exif.size() + 2;
        out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.writeBytes(exif.toByteArray());
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }
}
