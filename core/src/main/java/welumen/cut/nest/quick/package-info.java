/** A first plan at once: one piece after the other, the largest first, or many of a kind in rows. */
@NullMarked
package welumen.cut.nest.quick;

import org.jspecify.annotations.NullMarked;
