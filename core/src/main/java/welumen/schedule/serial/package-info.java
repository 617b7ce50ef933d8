/** Plans in no time: one activity after the other, each as early as it can be. */
@NullMarked
package welumen.schedule.serial;

import org.jspecify.annotations.NullMarked;
