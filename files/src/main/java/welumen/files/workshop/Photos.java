package welumen.files.workshop;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import javax.imageio.ImageIO;
import welumen.journal.StoreException;

/** The workshop's photos, each under the SHA-256 of its content; never changed, never deleted, kept once. */
public final class Photos {
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
        try {
            if (ImageIO.read(new ByteArrayInputStream(content)) == null) throw new IOException("no JPEG or PNG");
        } catch (IOException | RuntimeException fault) {
            throw new StoreException(
                    "The photo [%s] cannot be read: %s. Take it again, or choose another."
                            .formatted(name, fault.getMessage()),
                    fault);
        }
        var hash = hash(content);
        var file = file(hash);
        if (Files.exists(file)) return hash;
        try {
            Files.createDirectories(file.getParent());
            var half = Files.createTempFile(file.getParent(), "photo", ".half");
            Files.write(half, content);
            try (var channel = FileChannel.open(half, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException fault) {
            throw new StoreException(
                    "The photo [%s] could not be kept in [%s]: %s.".formatted(name, folder, fault.getMessage()), fault);
        }
        return hash;
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
