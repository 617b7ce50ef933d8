package welumen.files.workshop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import welumen.journal.Damage;

/**
 * A journal's file, read from end to end without changing it: each log, up to where it is whole.
 *
 * @param logs of each log the last entry that is whole, and when that was written
 * @param damages where logs go on that cannot be trusted there
 * @param unreadable why the file cannot be read at all; empty where it can
 */
record Examined(Map<UUID, End> logs, Map<UUID, Damage> damages, String unreadable) {
    /** The last whole entry of a log. @param at empty for a time that nobody can read */
    record End(long sequence, Optional<Instant> at) {}

    Examined {
        logs = Map.copyOf(logs);
        damages = Map.copyOf(damages);
    }

    /** @param file is only read, a write-ahead log beside it too */
    static Examined of(Path file) {
        if (!Files.isRegularFile(file)) return unreadable("it is no file");
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            return of(connection);
        } catch (SQLException fault) {
            return unreadable("it is damaged or no workshop (%s)"
                    .formatted(String.valueOf(fault.getMessage())
                            .lines()
                            .findFirst()
                            .orElse("")));
        }
    }

    static Examined of(Connection connection) throws SQLException {
        var version = Schema.version(connection);
        if (version > Schema.CURRENT) return unreadable("it was written by a newer Welumen");
        if (version == 0) return unreadable("it is empty or no workshop");
        try (var statement = connection.createStatement();
                var check = statement.executeQuery("PRAGMA quick_check(1)")) {
            if (check.next() && !check.getString(1).equals("ok"))
                return unreadable("it is damaged (%s)".formatted(check.getString(1)));
        }
        return version < Schema.CURRENT ? withoutSums(connection) : withSums(connection);
    }

    /** Before there were sums, all that can be told is that none is missing in between. */
    private static Examined withoutSums(Connection connection) throws SQLException {
        var logs = new HashMap<UUID, End>();
        var damages = new HashMap<UUID, Damage>();
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery("SELECT stream, sequence, at FROM entry ORDER BY stream, sequence")) {
            while (rows.next()) {
                var log = Row.log(rows.getString(1));
                var end = logs.getOrDefault(log, new End(0, Optional.empty()));
                if (damages.containsKey(log)) continue;
                if (rows.getLong(2) != end.sequence() + 1)
                    damages.put(log, new Damage(rows.getLong(2), "what was before it is missing"));
                else logs.put(log, new End(rows.getLong(2), when(rows.getString(3))));
            }
        }
        return new Examined(logs, damages, "");
    }

    private static Examined withSums(Connection connection) throws SQLException {
        var logs = new HashMap<UUID, End>();
        var damages = new HashMap<UUID, Damage>();
        var sums = new HashMap<UUID, String>();
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery(
                        "SELECT %s FROM entry ORDER BY stream, sequence".formatted(Row.COLUMNS))) {
            while (rows.next()) {
                var row = Row.of(rows);
                var log = row.log();
                if (damages.containsKey(log)) continue;
                var end = logs.getOrDefault(log, new End(0, Optional.empty()));
                if (row.sequence() != end.sequence() + 1)
                    damages.put(log, new Damage(row.sequence(), "what was before it is missing"));
                else if (!row.isWhole(sums.getOrDefault(log, "")))
                    damages.put(log, new Damage(row.sequence(), "it is not as it was written"));
                else {
                    logs.put(log, new End(row.sequence(), when(row.at())));
                    sums.put(log, row.sum());
                }
            }
        }
        return new Examined(logs, damages, "");
    }

    private static Optional<Instant> when(@Nullable String at) {
        try {
            return at == null ? Optional.empty() : Optional.of(Instant.parse(at));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private static Examined unreadable(String why) {
        return new Examined(Map.of(), Map.of(), why);
    }

    boolean has(UUID log, long sequence) {
        var end = logs.get(log);
        return end != null && end.sequence() >= sequence;
    }

    /** Why it should not be restored; empty where it may. */
    Optional<String> fault() {
        if (!unreadable.isEmpty()) return Optional.of(unreadable);
        if (logs.isEmpty() && damages.isEmpty()) return Optional.of("it holds not one entry");
        return damages.values().stream()
                .findFirst()
                .map(damage -> "entry %d of a log in it cannot be used: %s".formatted(damage.sequence(), damage.why()));
    }
}
