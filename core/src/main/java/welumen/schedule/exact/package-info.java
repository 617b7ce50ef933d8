/** Plans by constraint programming, with a bound that is proven. */
@NullMarked
package welumen.schedule.exact;

import org.jspecify.annotations.NullMarked;
