package welumen.files.workshop;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import welumen.files.json.ChangeJson;
import welumen.job.JobChange;
import welumen.journal.AnotherCameFirst;
import welumen.journal.Entry;
import welumen.journal.EntryStore;
import welumen.journal.Note;
import welumen.journal.Note.Made;
import welumen.journal.Note.PutBack;
import welumen.journal.Note.TakenBack;
import welumen.journal.StoreException;
import welumen.yard.YardChange;

/**
 * The journal in one SQLite table. WAL with {@code synchronous=FULL}: an append that has returned is on disk. Safe for
 * use by several threads, one at a time.
 */
final class SqliteEntryStore implements EntryStore, AutoCloseable {
    /** A log of so many entries takes longer to read than to share out. */
    private static final int LONG = 400;

    private static final String INSERT =
            "INSERT INTO entry (stream, sequence, at, author, note, version, body, beside) VALUES (?, ?, ?, ?, ?, ?, ?, ?)";
    private static final String SELECT =
            "SELECT sequence, at, author, note, version, body, beside FROM entry WHERE stream = ? AND sequence > ?"
                    + " ORDER BY sequence";
    private static final String END = "SELECT COALESCE(MAX(sequence), 0) FROM entry WHERE stream = ?";

    private final Path file;
    private final Connection connection;
    private final boolean readOnly;
    private final ChangeJson json = new ChangeJson();
    private final List<Consumer<UUID>> listeners = new CopyOnWriteArrayList<>();

    private SqliteEntryStore(Path file, Connection connection, boolean readOnly) {
        this.file = file;
        this.connection = connection;
        this.readOnly = readOnly;
    }

    /** Opens the file, making or migrating it first where need be; one from a newer Welumen is opened read-only. */
    static SqliteEntryStore open(Path file) {
        try {
            var connection = connect(file);
            var version = Schema.version(connection);
            if (version < Schema.CURRENT) {
                connection.close();
                Schema.migrate(file);
                connection = connect(file);
            }
            return new SqliteEntryStore(file, connection, version > Schema.CURRENT);
        } catch (SQLException fault) {
            throw damaged(file, fault);
        }
    }

    private static Connection connect(Path file) throws SQLException {
        var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        try (var statement = connection.createStatement()) {
            statement.execute("PRAGMA journal_mode = WAL");
            statement.execute("PRAGMA synchronous = FULL");
        } catch (SQLException fault) {
            connection.close();
            throw fault;
        }
        return connection;
    }

    boolean isReadOnly() {
        return readOnly;
    }

    @Override
    public <C> List<Entry<C>> entriesAfter(UUID stream, long after, Class<C> kind) {
        return parsed(
                rows(stream, after), stream, kind); // parsed outside the lock: a long log would hold up whoever writes
    }

    private synchronized List<Row> rows(UUID stream, long after) {
        try (var select = connection.prepareStatement(SELECT)) {
            select.setString(1, stream.toString());
            select.setLong(2, after);
            var rows = new ArrayList<Row>();
            try (var result = select.executeQuery()) {
                while (result.next()) rows.add(Row.of(result));
            }
            return rows;
        } catch (SQLException fault) {
            throw damaged(file, fault);
        }
    }

    private record Row(long sequence, String at, String author, String note, int version, String body, String beside) {
        static Row of(ResultSet row) throws SQLException {
            return new Row(
                    row.getLong(1),
                    row.getString(2),
                    row.getString(3),
                    row.getString(4),
                    row.getInt(5),
                    row.getString(6),
                    row.getString(7));
        }
    }

    /** A long log is read on all cores; what cannot be read is looked for again in order, so the first is named. */
    private <C> List<Entry<C>> parsed(List<Row> rows, UUID stream, Class<C> kind) {
        if (rows.size() < LONG)
            return rows.stream().map(row -> entry(row, stream, kind)).toList();
        try {
            return rows.parallelStream().map(row -> entry(row, stream, kind)).toList();
        } catch (StoreException fault) {
            return rows.stream().map(row -> entry(row, stream, kind)).toList();
        }
    }

    private <C> Entry<C> entry(Row row, UUID stream, Class<C> kind) {
        try {
            Note<C> note = switch (row.note()) {
                case "made" -> new Made<>(json.read(row.body(), kind, row.version()));
                case "taken-back" -> new TakenBack<>(Long.parseLong(row.body()));
                default -> new PutBack<>(Long.parseLong(row.body()));
            };
            return new Entry<>(row.sequence(), Instant.parse(row.at()), row.author(), note, Beside.read(row.beside()));
        } catch (RuntimeException fault) {
            throw new StoreException(
                    "Entry %d of log %s in [%s] cannot be read. %s Restore the last backup."
                            .formatted(row.sequence(), stream, file, fault.getMessage()),
                    fault);
        }
    }

    @Override
    public void append(List<Addition<?>> additions) {
        write(additions);
        for (var listener : listeners)
            additions.stream().map(Addition::stream).distinct().forEach(listener);
    }

    @Override
    public Runnable hear(Consumer<UUID> listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    private synchronized void write(List<Addition<?>> additions) {
        if (readOnly)
            throw new StoreException("This workshop was written by a newer Welumen, so it is open for reading only."
                    + " Update this program to work on it.");
        try {
            connection.setAutoCommit(false);
            try (var insert = connection.prepareStatement(INSERT)) {
                for (var addition : additions) {
                    expectEnd(addition);
                    insert(insert, addition);
                }
                connection.commit();
            } catch (SQLException | RuntimeException fault) {
                connection.rollback();
                throw fault;
            } finally {
                connection.setAutoCommit(true);
            }
        } catch (SQLException fault) {
            throw new StoreException(
                    "Nothing was written to [%s]: %s. See that the disk has room and nobody else writes there, then do it again."
                            .formatted(file, fault.getMessage()),
                    fault);
        }
    }

    private void expectEnd(Addition<?> addition) throws SQLException {
        try (var select = connection.prepareStatement(END)) {
            select.setString(1, addition.stream().toString());
            try (var row = select.executeQuery()) {
                var expected = addition.entry().sequence() - 1;
                if (row.next() && row.getLong(1) == expected) return;
                throw new AnotherCameFirst("Log %s in [%s] no longer ends at entry %d: somebody else wrote first."
                        .formatted(addition.stream(), file, expected));
            }
        }
    }

    private <C> void insert(PreparedStatement insert, Addition<C> addition) throws SQLException {
        var entry = addition.entry();
        insert.setString(1, addition.stream().toString());
        insert.setLong(2, entry.sequence());
        insert.setString(3, entry.at().toString());
        insert.setString(4, entry.author());
        insert.setInt(6, ChangeJson.VERSION);
        insert.setString(8, Beside.write(entry.beside()));
        switch (entry.note()) {
            case Made<C>(var change) -> {
                insert.setString(5, "made");
                insert.setString(7, body(change));
            }
            case TakenBack<C>(var sequence) -> {
                insert.setString(5, "taken-back");
                insert.setString(7, Long.toString(sequence));
            }
            case PutBack<C>(var sequence) -> {
                insert.setString(5, "put-back");
                insert.setString(7, Long.toString(sequence));
            }
        }
        insert.executeUpdate();
    }

    private String body(Object change) {
        return switch (change) {
            case JobChange job -> json.write(job, JobChange.class);
            case YardChange yard -> json.write(yard, YardChange.class);
            default -> throw new IllegalArgumentException("[%s] belongs to no log.".formatted(change.getClass()));
        };
    }

    /** When somebody last wrote anything; empty where nobody has. */
    synchronized Optional<Instant> lastWritten() {
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery("SELECT at FROM entry")) {
            var last = Optional.<Instant>empty();
            while (rows.next()) {
                var at = Instant.parse(rows.getString(1));
                if (last.isEmpty() || last.get().isBefore(at)) last = Optional.of(at);
            }
            return last;
        } catch (SQLException | DateTimeException fault) {
            throw new StoreException("[%s] cannot be read: %s".formatted(file, fault.getMessage()), fault);
        }
    }

    /** Writes a whole, compact copy of the file as it stands. */
    synchronized void copyTo(Path copy) {
        try (var statement = connection.prepareStatement("VACUUM INTO ?")) {
            statement.setString(1, copy.toString());
            statement.execute();
        } catch (SQLException fault) {
            throw new StoreException(
                    "No backup could be written to [%s]: %s.".formatted(copy, fault.getMessage()), fault);
        }
    }

    @Override
    public synchronized void close() {
        try {
            connection.close();
        } catch (SQLException fault) {
            throw new StoreException("[%s] could not be closed: %s".formatted(file, fault.getMessage()), fault);
        }
    }

    private static StoreException damaged(Path file, SQLException fault) {
        return new StoreException(
                "The workshop file [%s] is damaged or no workshop: %s. Restore a backup: welumen restore \"%s\"."
                        .formatted(file, fault.getMessage(), file.getParent()),
                fault);
    }
}
