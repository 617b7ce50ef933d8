/** The Pattern stage. */
@NullMarked
package welumen.desktop.pattern;

import org.jspecify.annotations.NullMarked;
