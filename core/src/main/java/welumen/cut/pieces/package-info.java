/** From the pieces of a pattern to what is cut. */
@NullMarked
package welumen.cut.pieces;

import org.jspecify.annotations.NullMarked;
