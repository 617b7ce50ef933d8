/** Plans at once, better while it goes on, and checks what it says. */
@NullMarked
package welumen.schedule.planner;

import org.jspecify.annotations.NullMarked;
