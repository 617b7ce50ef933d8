/** Putting back: the order, the fixings counted in, and what is still short. */
@NullMarked
package welumen.refit;

import org.jspecify.annotations.NullMarked;
