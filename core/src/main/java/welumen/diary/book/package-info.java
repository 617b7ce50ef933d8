/** What people say of the tasks: added, dropped, split, fixed, promised, told, begun and ended. */
@NullMarked
package welumen.diary.book;

import org.jspecify.annotations.NullMarked;
