package welumen.files.outside;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import welumen.files.json.BadFile;

/** Reads a file that somebody brings: a device or a pipe may never end, and a file may be larger than the memory. */
public final class Outside {
    private static final long LARGEST_TEXT = 200L << 20;
    private static final String BYTE_ORDER = "\uFEFF";

    private Outside() {}

    /**
     * A text in UTF-8, with or without a mark of the byte order.
     *
     * @throws BadFile if it is none; the message names the file
     */
    public static String text(Path file) throws BadFile {
        try {
            var text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes(file, LARGEST_TEXT)))
                    .toString();
            return text.startsWith(BYTE_ORDER) ? text.substring(1) : text;
        } catch (NoSuchFileException missing) {
            throw new BadFile("There is no file [%s].".formatted(file));
        } catch (CharacterCodingException other) {
            throw new BadFile(
                    "[%s] is no text in UTF-8; it may be in Latin-1 or UTF-16. Save it as UTF-8.".formatted(file));
        } catch (IOException fault) {
            throw new BadFile("[%s] cannot be read: %s.".formatted(file, fault.getMessage()));
        }
    }

    /** @throws IOException if it is no file, or larger; in words */
    public static byte[] bytes(Path file, long largest) throws IOException {
        if (Files.isDirectory(file)) throw new IOException("it is a folder, not a file");
        if (Files.exists(file) && !Files.isRegularFile(file))
            throw new IOException("it is a device or a pipe, which may never end; save it as a file first");
        if (Files.size(file) > largest) throw new IOException("it is over %d MB; check it".formatted(largest >> 20));
        return Files.readAllBytes(file);
    }
}
