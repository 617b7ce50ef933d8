/** Labels for bags and parts: printed 1:1, and read back from a photo. */
@NullMarked
package welumen.files.label;

import org.jspecify.annotations.NullMarked;
