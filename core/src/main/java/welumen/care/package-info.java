/** Cautions, and the work at which each is shown. */
@NullMarked
package welumen.care;

import org.jspecify.annotations.NullMarked;
