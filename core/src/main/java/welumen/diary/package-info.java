/** What can be done next, and what waits for what. */
@NullMarked
package welumen.diary;

import org.jspecify.annotations.NullMarked;
