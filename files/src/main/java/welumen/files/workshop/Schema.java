package welumen.files.workshop;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.sqlite.SQLiteDataSource;
import welumen.journal.StoreException;

/** The schema of the journal's file: its version is read first, and the migration tool started only where it differs. */
final class Schema {
    static final int CURRENT = 2;

    private Schema() {}

    static int version(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                var row = statement.executeQuery("PRAGMA user_version")) {
            return row.next() ? row.getInt(1) : 0;
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
        } catch (RuntimeException fault) {
            throw new StoreException(
                    "The workshop file [%s] could not be brought up to date: %s. Restore the last backup."
                            .formatted(file, fault.getMessage()),
                    fault);
        }
    }
}
