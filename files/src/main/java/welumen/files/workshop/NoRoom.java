package welumen.files.workshop;

import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** A disk without room says so in many ways; this tells it in one. */
final class NoRoom {
    /** So much more than what is written makes work on without a thought for some time. */
    private static final long WANTED = 50L << 20;

    private NoRoom() {}

    /**
     * What to say where something could not be written.
     *
     * @param what did not come about, as “Nothing was written to [..]”
     */
    static String said(String what, Path where, Exception fault) {
        var message = String.valueOf(fault.getMessage()).lines().findFirst().orElse("");
        if (!is(where, fault))
            return "%s: %s. See that the folder can be written and nobody else writes there, then do it again."
                    .formatted(what, message);
        return "%s: the disk is full. Free at least %d MB there, then do it again; what was kept before is kept."
                .formatted(what, WANTED >> 20);
    }

    /** Whether that is why something failed, by its own words or by what room there is. */
    static boolean is(Path where, Throwable fault) {
        for (var cause = fault; cause != null; cause = cause.getCause())
            if (isFull(String.valueOf(cause.getMessage()), where)) return true;
        return false;
    }

    private static boolean isFull(String message, Path where) {
        var words = message.toLowerCase(Locale.ROOT);
        return words.contains("sqlite_full")
                || words.contains("no space left")
                || words.contains("disk is full")
                || words.contains("database or disk is full")
                || room(where) == 0;
    }

    private static long room(Path where) {
        try {
            FileStore disk = Files.getFileStore(
                    Files.exists(where) ? where : where.toAbsolutePath().getParent());
            return disk.getUsableSpace();
        } catch (IOException unknown) {
            return Long.MAX_VALUE;
        }
    }
}
