/** Hides, rolls, grades and flaws; laying pieces out on them; and the independent check of every layout. */
@NullMarked
package welumen.cut;

import org.jspecify.annotations.NullMarked;
