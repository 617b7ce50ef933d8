/** Laying pieces one after the other, each in the first place that is good: a plan at once, by hand, for one piece more. */
@NullMarked
package welumen.cut.firstfit;

import org.jspecify.annotations.NullMarked;
