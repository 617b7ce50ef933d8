/** The colour reader at this bench, drawn. */
@NullMarked
package welumen.standins.reader;

import org.jspecify.annotations.NullMarked;
