package welumen.files.workshop;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.OptionalLong;
import java.util.regex.Pattern;
import java.util.zip.CRC32;

/**
 * How many entries the journal had when somebody last wrote, kept beside it: a journal whose newest part is missing (its
 * write-ahead log deleted or cut, an older file put in its place) is whole by itself. It is written after the entries, so that
 * it may be behind after a fall, and is never ahead.
 */
final class Witness implements AutoCloseable {
    static final String NAME = "workshop.witness";

    private static final Pattern TEXT = Pattern.compile("(\\d{1,18}) entries, ([0-9a-f]{1,8})\\s*");
    /** One block, so that it is written whole or not at all. */
    private static final int LENGTH = 64;

    private final FileChannel channel;

    private Witness(FileChannel channel) {
        this.channel = channel;
    }

    static Witness open(Path folder) throws IOException {
        return new Witness(FileChannel.open(folder.resolve(NAME), StandardOpenOption.CREATE, StandardOpenOption.WRITE));
    }

    /** How many entries there were; empty where nobody said so, or it cannot be read. */
    static OptionalLong read(Path folder) {
        try {
            var file = folder.resolve(NAME);
            if (!Files.isRegularFile(file) || Files.size(file) > LENGTH) return OptionalLong.empty();
            var text = TEXT.matcher(Files.readString(file, StandardCharsets.US_ASCII));
            if (!text.matches()) return OptionalLong.empty();
            var count = Long.parseLong(text.group(1));
            return text.group(2).equals(sum(count)) ? OptionalLong.of(count) : OptionalLong.empty();
        } catch (IOException unreadable) {
            return OptionalLong.empty(); // it tells of damage, and is none
        }
    }

    /** It is only a second look: what cannot be written now is written with the next entry. */
    void saw(long entries) {
        var text = "%d entries, %s".formatted(entries, sum(entries));
        try {
            channel.write(ByteBuffer.wrap("%-63s\n".formatted(text).getBytes(StandardCharsets.US_ASCII)), 0);
        } catch (IOException unseen) {
            // a witness that is behind accuses nobody
        }
    }

    private static String sum(long count) {
        var sum = new CRC32();
        sum.update(Long.toString(count).getBytes(StandardCharsets.US_ASCII));
        return Long.toHexString(sum.getValue());
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
