/** What thickness does: lengths round bends, what is turned in over a board, openings and what drops into them. */
@NullMarked
package welumen.pattern.thick;

import org.jspecify.annotations.NullMarked;
