/** Checks a schedule by the problem alone, with nothing of what made it. */
@NullMarked
package welumen.schedule.judge;

import org.jspecify.annotations.NullMarked;
