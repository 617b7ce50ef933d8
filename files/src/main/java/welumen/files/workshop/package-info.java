/** The workshop's folder: its journal in SQLite, its photos, its lock and its backups. */
@NullMarked
package welumen.files.workshop;

import org.jspecify.annotations.NullMarked;
