/** Hides as they come in: typed, traced or drawn; their grades, and the population they come from. */
@NullMarked
package welumen.cut.hide;

import org.jspecify.annotations.NullMarked;
