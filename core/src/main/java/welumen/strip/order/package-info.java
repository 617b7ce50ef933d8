/** In which order parts go back, and why. */
@NullMarked
package welumen.strip.order;

import org.jspecify.annotations.NullMarked;
