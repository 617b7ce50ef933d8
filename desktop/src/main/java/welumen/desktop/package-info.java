/** The window. */
@NullMarked
package welumen.desktop;

import org.jspecify.annotations.NullMarked;
