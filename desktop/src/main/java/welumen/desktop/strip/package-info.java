/** The Strip stage. */
@NullMarked
package welumen.desktop.strip;

import org.jspecify.annotations.NullMarked;
