/** One piece as it is drawn: its edges, what lies within them, how it lies on its material, what is done to it. */
@NullMarked
package welumen.pattern.piece;

import org.jspecify.annotations.NullMarked;
