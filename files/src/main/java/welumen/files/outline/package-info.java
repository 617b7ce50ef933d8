/** Outlines in the open exchange format. */
@NullMarked
package welumen.files.outline;

import org.jspecify.annotations.NullMarked;
