/** Pieces and their edges: each edge has a finish, and its allowance makes the cutting line. */
@NullMarked
package welumen.pattern;

import org.jspecify.annotations.NullMarked;
