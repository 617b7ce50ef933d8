/** The line on which a piece is cut, and what may not be cut. */
@NullMarked
package welumen.pattern.cutting;

import org.jspecify.annotations.NullMarked;
