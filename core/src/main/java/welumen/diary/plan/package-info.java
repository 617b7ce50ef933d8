/** When the open tasks of all cars are done, by whom. */
@NullMarked
package welumen.diary.plan;

import org.jspecify.annotations.NullMarked;
