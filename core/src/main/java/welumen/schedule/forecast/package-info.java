/** What comes of a plan when work takes as long as it takes. */
@NullMarked
package welumen.schedule.forecast;

import org.jspecify.annotations.NullMarked;
