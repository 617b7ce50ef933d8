package welumen.files.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Date;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TimeZone;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import welumen.files.outside.Outside;
import welumen.journal.StoreException;
import welumen.trace.Picture;

/**
 * A JPEG or PNG from outside, up to {@value #MOST_MEGAPIXELS} megapixels. It is read no larger than it is wanted, so that a
 * large one needs no more memory than a small one, and it is read to its end before it is believed.
 */
public final class PhotoFile {
    /** Larger ones are refused. */
    public static final int MOST_MEGAPIXELS = 64;

    /** In bytes; larger files are no photos. */
    public static final long LARGEST = 200_000_000;

    private static final Set<String> FORMATS = Set.of("jpeg", "png");

    private final byte[] content;
    private final String name;

    /** @param name what it is called outside, for the message */
    public PhotoFile(byte[] content, String name) {
        this.content = PngChunks.needed(content);
        this.name = name;
    }

    /** @throws IOException if it is too large for a photo, or cannot be read */
    public static PhotoFile of(Path file) throws IOException {
        return new PhotoFile(Outside.bytes(file, LARGEST), file.toString());
    }

    /**
     * The picture, upright, its longest side at most {@code longest} pixels.
     *
     * @throws StoreException if it is no whole JPEG or PNG, or too large; the message names it
     */
    public BufferedImage read(int longest) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            if (JpegScans.count(content) > JpegScans.MOST)
                throw new IOException("it is drawn over %d times, as no camera does".formatted(JpegScans.MOST));
            var readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) throw new IOException("it is no JPEG or PNG");
            var reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT)))
                    throw new IOException("it is no JPEG or PNG");
                reader.setInput(in);
                return Turn.upright(shrunk(whole(reader, longest), longest), orientation());
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException fault) {
            throw new StoreException(
                    "The photo [%s] cannot be read: %s. Take it again, or choose another."
                            .formatted(name, fault.getMessage()),
                    fault);
        }
    }

    /**
     * Every pixel of it, upright, to be measured on.
     *
     * @throws StoreException as {@link #read}
     */
    public Picture picture() {
        var image = read(Integer.MAX_VALUE);
        var width = image.getWidth();
        var height = image.getHeight();
        // as they lie in memory, which is far faster than one by one through a colour model
        return new Picture(width, height, (int[]) image.getRaster().getDataElements(0, 0, width, height, null));
    }

    /** When it was taken, by the camera's clock; empty where it does not say. */
    public Optional<Instant> taken(ZoneId zone) {
        return metadata()
                .map(data -> data.getFirstDirectoryOfType(ExifSubIFDDirectory.class))
                .map(exif -> exif.getDateOriginal(TimeZone.getTimeZone(zone)))
                .map(Date::toInstant);
    }

    private BufferedImage whole(ImageReader reader, int longest) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > MOST_MEGAPIXELS * 1_000_000L)
            throw new IOException(
                    "it has %d megapixels, and %d are the most".formatted(width * height / 1_000_000, MOST_MEGAPIXELS));
        var torn = new String[1];
        reader.addIIOReadWarningListener((_, warning) -> {
            if (warning.contains("premature end")) torn[0] = warning; // as the JPEG library says it
        });
        var how = reader.getDefaultReadParam();
        var step = (int) Math.max(1, Math.max(width, height) / longest);
        how.setSourceSubsampling(step, step, 0, 0);
        var image = reader.read(0, how);
        if (torn[0] != null) throw new IOException("its end is missing");
        return image;
    }

    private static BufferedImage shrunk(BufferedImage image, int longest) {
        var scale = Math.min(1, (double) longest / Math.max(image.getWidth(), image.getHeight()));
        var width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        var height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        var shrunk = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var pen = shrunk.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.drawImage(image, 0, 0, width, height, null);
        pen.dispose();
        return shrunk;
    }

    private int orientation() {
        return metadata()
                .map(data -> data.getFirstDirectoryOfType(ExifIFD0Directory.class))
                .map(exif -> {
                    try {
                        return exif.getInt(ExifIFD0Directory.TAG_ORIENTATION);
                    } catch (MetadataException notSaid) {
                        return 1;
                    }
                })
                .orElse(1);
    }

    /** What a camera wrote beside the picture may be damaged; then it says nothing. */
    private Optional<Metadata> metadata() {
        try {
            return Optional.of(ImageMetadataReader.readMetadata(new ByteArrayInputStream(content)));
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            return Optional.empty();
        }
    }
}
