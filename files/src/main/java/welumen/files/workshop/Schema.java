package welumen.files.workshop;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import org.flywaydb.core.Flyway;
import org.sqlite.SQLiteDataSource;
import welumen.journal.StoreException;

/** The schema of the journal's file: its version is read first, and the migration tool started only where it differs. */
final class Schema {
    static final int CURRENT = 3;

    private Schema() {}

    static int version(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                var row = statement.executeQuery("PRAGMA user_version")) {
            return row.next() ? row.getInt(1) : 0;
        }
    }

    /** Where this is cut off, the file stays of the version before, and it is done again. */
    private static void fillSums(SQLiteDataSource source) throws SQLException {
        try (var connection = source.getConnection()) {
            connection.setAutoCommit(false);
            var rows = new ArrayList<Row>();
            try (var select = connection.createStatement();
                    var result = select.executeQuery(
                            "SELECT %s FROM entry ORDER BY stream, sequence".formatted(Row.COLUMNS))) {
                while (result.next()) rows.add(Row.of(result));
            }
            try (var update =
                    connection.prepareStatement("UPDATE entry SET sum = ? WHERE stream = ? AND sequence = ?")) {
                var before = "";
                var stream = "";
                for (var row : rows) {
                    var summed = row.summed(row.stream().equals(stream) ? before : "");
                    update.setString(1, summed.sum());
                    update.setString(2, row.stream());
                    update.setLong(3, row.sequence());
                    update.executeUpdate();
                    before = summed.sum();
                    stream = row.stream();
                }
            }
            try (var statement = connection.createStatement()) {
                statement.execute("PRAGMA user_version = " + CURRENT);
            }
            connection.commit();
        }
    }

    /** Brings an older or new file up to date. */
    static void migrate(Path file) {
        var source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file);
        try {
            Flyway.configure(Schema.class.getClassLoader())
                    .dataSource(source)
                    .locations("classpath:welumen/files/workshop")
                    .load()
                    .migrate();
            fillSums(source);
        } catch (RuntimeException | SQLException fault) {
            if (NoRoom.is(file, fault))
                throw new StoreException(NoRoom.said("[%s] cannot be opened".formatted(file), file, fault), fault);
            throw new StoreException(
                    "The workshop file [%s] could not be brought up to date: %s. Restore the last backup."
                            .formatted(file, fault.getMessage()),
                    fault);
        }
    }
}
