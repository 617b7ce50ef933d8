/** The commands without a window, and the one that opens it. */
@NullMarked
package welumen.cli;

import org.jspecify.annotations.NullMarked;
