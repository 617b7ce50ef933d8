/** The Refit stage. */
@NullMarked
package welumen.desktop.refit;

import org.jspecify.annotations.NullMarked;
