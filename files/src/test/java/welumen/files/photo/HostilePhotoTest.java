package welumen.files.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.journal.StoreException;

/** Photos that are made to take all time or memory. */
class HostilePhotoTest {
    private static byte[] picture(String format) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    /** A picture in eight scans, the last of them four hundred times over. */
    private static byte[] scans(int count) throws IOException {
        var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        var how = writer.getDefaultWriteParam();
        how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
        var out = new ByteArrayOutputStream();
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(null, new IIOImage(new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB), null, null), how);
        writer.dispose();
        var content = out.toByteArray();
        var last = content.length - 2;
        while (!((content[last] & 0xFF) == 0xFF && (content[last + 1] & 0xFF) == 0xDA)) last--;
        var many = new ByteArrayOutputStream();
        many.write(content, 0, last);
        for (var i = 0; i < count; i++) many.write(content, last, content.length - 2 - last);
        many.write(content, content.length - 2, 2);
        return many.toByteArray();
    }

    @Test
    void aJpegThatDrawsOverItselfForEverIsRefused() throws IOException {
        assertThat(new PhotoFile(scans(1), "fine.jpg").read(100).getWidth()).isEqualTo(64);
        assertThatThrownBy(() -> new PhotoFile(scans(400), "many.jpg").read(100))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("many.jpg")
                .hasMessageContaining("as no camera does");
    }

    /** A hundred megabytes of text, packed into a hundred kilobytes, beside a picture. */
    @Test
    void packedTextIsNeverUnpacked() throws IOException {
        var content = picture("png");
        var packed = new ByteArrayOutputStream();
        try (var deflater = new DeflaterOutputStream(packed, new Deflater(9))) {
            var megabyte = new byte[1 << 20];
            for (var i = 0; i < 100; i++) deflater.write(megabyte);
        }
        var body = new ByteArrayOutputStream();
        body.write("zTXtnote\0\0".getBytes(StandardCharsets.US_ASCII));
        body.write(packed.toByteArray());
        var out = new ByteArrayOutputStream();
        var data = new DataOutputStream(out);
        data.write(content, 0, 33); // its signature and head
        data.writeInt(body.size() - 4);
        data.write(body.toByteArray());
        var sum = new CRC32();
        sum.update(body.toByteArray());
        data.writeInt((int) sum.getValue());
        data.write(content, 33, content.length - 33);
        assertThat(PngChunks.needed(out.toByteArray())).isEqualTo(content);
        assertThat(new PhotoFile(out.toByteArray(), "packed.png").read(100).getWidth())
                .isEqualTo(64);
    }

    /** Bytes changed at random: a picture, or refused in words. */
    @Test
    void scrambledPhotosAreReadOrRefused() throws IOException {
        var random = new Random(20260414);
        for (var format : List.of("png", "jpeg")) {
            var whole = picture(format);
            for (var round = 0; round < Integer.getInteger("fuzz.rounds", 300); round++) {
                var content =
                        random.nextInt(4) == 0 ? Arrays.copyOf(whole, random.nextInt(whole.length)) : whole.clone();
                for (var i = random.nextInt(8); i >= 0 && content.length > 0; i--)
                    content[random.nextInt(content.length)] = (byte) random.nextInt(256);
                try {
                    assertThat(new PhotoFile(content, "scrambled").read(100).getWidth())
                            .isPositive();
                } catch (StoreException refused) {
                    assertThat(refused).hasMessageContaining("scrambled");
                }
            }
        }
    }

    @Test
    void whatEndsEarlyIsLeftToTheReader() throws IOException {
        var content = picture("png");
        for (var length = 0; length < content.length; length += 7) {
            var cut = Arrays.copyOf(content, length);
            assertThat(PngChunks.needed(cut)).isEqualTo(cut);
        }
        assertThat(JpegScans.count(new byte[0])).isZero();
        assertThat(JpegScans.count(picture("jpeg"))).isEqualTo(1);
    }

    @Test
    void aDeviceAndAFolderAreNoPhotos(@TempDir Path folder) {
        assertThatThrownBy(() -> PhotoFile.of(folder)).hasMessageContaining("a folder");
        assertThatThrownBy(() -> PhotoFile.of(Path.of("/dev/zero"))).hasMessageContaining("may never end");
    }
}
