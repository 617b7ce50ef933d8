/** The Diary stage. */
@NullMarked
package welumen.desktop.diary;

import org.jspecify.annotations.NullMarked;
