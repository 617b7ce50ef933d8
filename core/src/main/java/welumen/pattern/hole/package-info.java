/** Holes of a piece by coordinates from one datum, and what two pieces differ by. */
@NullMarked
package welumen.pattern.hole;

import org.jspecify.annotations.NullMarked;
