/** Drawn hides, and shapes such as are cut from them. */
@NullMarked
package welumen.standins.hide;

import org.jspecify.annotations.NullMarked;
