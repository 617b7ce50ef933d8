/** A stand-in for the label printer. */
@NullMarked
package welumen.standins.printer;

import org.jspecify.annotations.NullMarked;
