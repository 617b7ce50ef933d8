/** How Welumen looks: its style sheet, its fonts, the words for state. */
@NullMarked
package welumen.desktop.look;

import org.jspecify.annotations.NullMarked;
