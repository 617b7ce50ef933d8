/** The Cut stage. */
@NullMarked
package welumen.desktop.cut;

import org.jspecify.annotations.NullMarked;
