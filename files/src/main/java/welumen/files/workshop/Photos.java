package welumen.files.workshop;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import javax.imageio.ImageIO;
import welumen.files.photo.PhotoFile;
import welumen.journal.StoreException;

/** The workshop's photos, each under the SHA-256 of its content; never changed, never deleted, kept once. */
public final class Photos {
    private static final int THUMBNAIL = 320;

    private final Path folder;

    Photos(Path folder) {
        this.folder = folder;
    }

    /**
     * Keeps a picture; once this has returned it is on disk.
     *
     * @param name what it is called outside, for the message
     * @return its hash, by which an entry names it
     * @throws StoreException if it is no JPEG or PNG that can be read
     */
    public String keep(byte[] content, String name) {
        var thumbnail = new PhotoFile(content, name).read(THUMBNAIL);
        var hash = hash(content);
        var file = file(hash);
        try {
            if (Files.exists(file) && Files.size(file) == content.length) return hash; // else it was cut short once

            WholeFile.write(file, content);
            WholeFile.write(thumbnail(hash), jpeg(thumbnail));
        } catch (IOException fault) {
            throw new StoreException(
                    NoRoom.said("The photo [%s] could not be kept in [%s]".formatted(name, folder), folder, fault),
                    fault);
        }
        return hash;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", bytes);
        return bytes.toByteArray();
    }

    /** Where a small upright copy of a photo lies, its longest side {@value #THUMBNAIL} pixels; made again where it is lost. */
    public Path thumbnail(String hash) {
        return folder.resolve("small").resolve(hash.substring(0, 2)).resolve(hash + ".jpg");
    }

    /**
     * A small upright copy of a photo. Takes time where it must be made first; call it off the window's thread.
     *
     * @throws StoreException if the photo is gone or damaged
     */
    public Path madeThumbnail(String hash) {
        var small = thumbnail(hash);
        if (Files.exists(small)) return small;
        try {
            WholeFile.write(small, jpeg(new PhotoFile(Files.readAllBytes(file(hash)), hash).read(THUMBNAIL)));
            return small;
        } catch (IOException fault) {
            throw new StoreException("The photo [%s] is gone: %s.".formatted(hash, fault.getMessage()), fault);
        }
    }

    /** Where a photo lies; there may be none. */
    public Path file(String hash) {
        return folder.resolve(hash.substring(0, 2)).resolve(hash);
    }

    private static String hash(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }
}
