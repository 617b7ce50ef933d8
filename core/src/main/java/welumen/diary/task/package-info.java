/** What is to be done on one car, and why it waits. */
@NullMarked
package welumen.diary.task;

import org.jspecify.annotations.NullMarked;
