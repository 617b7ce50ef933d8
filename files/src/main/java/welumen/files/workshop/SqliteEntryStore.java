package welumen.files.workshop;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import welumen.files.json.ChangeJson;
import welumen.job.JobChange;
import welumen.journal.AnotherCameFirst;
import welumen.journal.Damage;
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
            "INSERT INTO entry (%s) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)".formatted(Row.COLUMNS);
    /** From an entry on, which itself tells only what sum the next one stands on. */
    private static final String SELECT =
            "SELECT %s FROM entry WHERE stream = ? AND sequence >= ? ORDER BY sequence".formatted(Row.COLUMNS);

    private static final String END = "SELECT sequence, sum FROM entry WHERE stream = ? ORDER BY sequence DESC LIMIT 1";

    private final Path file;
    private final Connection connection;
    private final boolean readOnly;
    private final ChangeJson json = new ChangeJson();
    private final List<Consumer<UUID>> listeners = new CopyOnWriteArrayList<>();
    private final Map<UUID, Damage> damages = new ConcurrentHashMap<>();

    private final Witness witness;
    private final long missing;
    private long count;
    private Runnable beforeWriting = () -> {};

    private SqliteEntryStore(
            Path file, Connection connection, boolean readOnly, Witness witness, long seen, long count) {
        this.file = file;
        this.connection = connection;
        this.readOnly = readOnly;
        this.witness = witness;
        this.missing = Math.max(0, seen - count);
        this.count = count;
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
            var folder = Objects.requireNonNull(file.toAbsolutePath().getParent());
            var count = count(connection);
            var seen = Witness.read(folder).orElse(count);
            return new SqliteEntryStore(file, connection, version > Schema.CURRENT, Witness.open(folder), seen, count);
        } catch (SQLException fault) {
            throw damaged(file, fault);
        } catch (IOException fault) {
            throw new StoreException(NoRoom.said("[%s] cannot be opened".formatted(file), file, fault), fault);
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

    private static long count(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                var row = statement.executeQuery("SELECT COUNT(*) FROM entry")) {
            return row.next() ? row.getLong(1) : 0;
        }
    }

    /** How many of the newest entries somebody had seen here before this was opened, and are gone. */
    long missing() {
        return missing;
    }

    /** Asked each time; what it throws keeps the entries from being written. */
    void beforeWriting(Runnable asked) {
        beforeWriting = asked;
    }

    boolean isReadOnly() {
        return readOnly;
    }

    @Override
    public <C> List<Entry<C>> entriesAfter(UUID stream, long after, Class<C> kind) {
        damages.remove(stream);
        var rows = whole(rows(stream, after), stream, after);
        return parsed(rows, stream, kind); // parsed outside the lock: a long log would hold up whoever writes
    }

    @Override
    public Optional<Damage> damage(UUID stream) {
        return Optional.ofNullable(damages.get(stream));
    }

    /** From that entry on, as far as the file can be read. */
    private synchronized List<Row> rows(UUID stream, long from) {
        var rows = new ArrayList<Row>();
        try (var select = connection.prepareStatement(SELECT)) {
            select.setString(1, stream.toString());
            select.setLong(2, from);
            try (var result = select.executeQuery()) {
                while (result.next()) rows.add(Row.of(result));
            }
            return rows;
        } catch (SQLException fault) {
            if (rows.isEmpty()) throw damaged(file, fault);
            damages.put(
                    stream,
                    new Damage(rows.getLast().sequence() + 1, "the file cannot be read there: " + fault.getMessage()));
            return rows;
        }
    }

    /** Those after that entry, up to the first which is not as it was written. */
    private List<Row> whole(List<Row> rows, UUID stream, long after) {
        var whole = new ArrayList<Row>();
        var before = "";
        var last = 0L;
        for (var row : rows) {
            if (row.sequence() > after) {
                var why = row.sequence() != Math.max(after, last) + 1
                        ? "what was before it is missing"
                        : row.isWhole(before) ? "" : "it is not as it was written";
                if (!why.isEmpty()) {
                    damages.put(stream, new Damage(row.sequence(), why));
                    return whole;
                }
                whole.add(row);
            }
            before = row.sum();
            last = row.sequence();
        }
        return whole;
    }

    /** A long log is read on all cores; where something cannot be read, in order, so that the first is known. */
    private <C> List<Entry<C>> parsed(List<Row> rows, UUID stream, Class<C> kind) {
        try {
            var entries = rows.size() < LONG ? rows.stream() : rows.parallelStream();
            return entries.map(row -> entry(row, kind)).toList();
        } catch (Unreadable fault) {
            return parsedAsFarAsItGoes(rows, stream, kind);
        }
    }

    private <C> List<Entry<C>> parsedAsFarAsItGoes(List<Row> rows, UUID stream, Class<C> kind) {
        var entries = new ArrayList<Entry<C>>();
        for (var row : rows)
            try {
                entries.add(entry(row, kind));
            } catch (Unreadable fault) {
                damages.put(stream, new Damage(row.sequence(), fault.why));
                break;
            }
        return entries;
    }

    /** An entry says what nobody understands. */
    private static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final String why;

        Unreadable(String why, Throwable cause) {
            super(why, cause);
            this.why = why;
        }
    }

    private <C> Entry<C> entry(Row row, Class<C> kind) {
        if (row.version() > ChangeJson.VERSION)
            throw new StoreException(
                    "Its entry %d was written by a newer Welumen. Nothing is lost: update this program to read it."
                            .formatted(row.sequence()));
        try {
            Note<C> note = switch (row.note()) {
                case "made" -> new Made<>(json.read(row.body(), kind, row.version()));
                case "taken-back" -> new TakenBack<>(Long.parseLong(row.body()));
                default -> new PutBack<>(Long.parseLong(row.body()));
            };
            return new Entry<>(
                    row.sequence(), Instant.parse(row.at()), row.author(), note, LinkedEntries.read(row.beside()));
        } catch (RuntimeException fault) {
            throw new Unreadable(String.valueOf(fault.getMessage()), fault);
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
        beforeWriting.run();
        try {
            connection.setAutoCommit(false);
            try (var insert = connection.prepareStatement(INSERT)) {
                for (var addition : additions)
                    row(addition).summed(end(addition)).write(insert);
                connection.commit();
                count += additions.size();
                witness.saw(count);
            } catch (SQLException | RuntimeException fault) {
                rollBack(fault);
                throw fault;
            } finally {
                connection.setAutoCommit(true);
            }
        } catch (SQLException fault) {
            throw new StoreException(NoRoom.said("Nothing was written to [%s]".formatted(file), file, fault), fault);
        }
    }

    /** Where the disk is full, that has been done already. */
    private void rollBack(Exception because) {
        try {
            connection.rollback();
        } catch (SQLException done) {
            because.addSuppressed(done);
        }
    }

    /** The sum on which the addition stands; refused where its log does not end there. */
    private String end(Addition<?> addition) throws SQLException {
        var expected = addition.entry().sequence() - 1;
        try (var select = connection.prepareStatement(END)) {
            select.setString(1, addition.stream().toString());
            try (var row = select.executeQuery()) {
                var isThere = row.next();
                if ((isThere ? row.getLong(1) : 0) == expected) return isThere ? row.getString(2) : "";
                throw new AnotherCameFirst("Log %s in [%s] no longer ends at entry %d: somebody else wrote first."
                        .formatted(addition.stream(), file, expected));
            }
        }
    }

    private <C> Row row(Addition<C> addition) {
        var entry = addition.entry();
        return new Row(
                addition.stream().toString(),
                entry.sequence(),
                entry.at().toString(),
                entry.author(),
                switch (entry.note()) {
                    case Made<C> _ -> "made";
                    case TakenBack<C> _ -> "taken-back";
                    case PutBack<C> _ -> "put-back";
                },
                ChangeJson.VERSION,
                switch (entry.note()) {
                    case Made<C>(var change) -> body(change);
                    case TakenBack<C>(var sequence) -> Long.toString(sequence);
                    case PutBack<C>(var sequence) -> Long.toString(sequence);
                },
                LinkedEntries.write(entry.beside()),
                "");
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
                    NoRoom.said("No backup could be written to [%s]".formatted(copy), copy, fault), fault);
        }
    }

    @Override
    public synchronized void close() {
        try {
            connection.close();
            witness.close();
        } catch (SQLException | IOException fault) {
            throw new StoreException("[%s] could not be closed: %s".formatted(file, fault.getMessage()), fault);
        }
    }

    private static StoreException damaged(Path file, SQLException fault) {
        if (NoRoom.is(file, fault))
            return new StoreException(NoRoom.said("[%s] cannot be opened".formatted(file), file, fault), fault);
        return new StoreException(
                "The workshop file [%s] is damaged or no workshop: %s. Restore a backup: welumen restore \"%s\"."
                        .formatted(file, fault.getMessage(), file.getParent()),
                fault);
    }
}
