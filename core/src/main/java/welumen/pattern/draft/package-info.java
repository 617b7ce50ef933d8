/** Drawing a piece from what was measured, or from simple shapes, and making pieces out of pieces. */
@NullMarked
package welumen.pattern.draft;

import org.jspecify.annotations.NullMarked;
