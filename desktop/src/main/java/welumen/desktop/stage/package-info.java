/** What every stage is built on. */
@NullMarked
package welumen.desktop.stage;

import org.jspecify.annotations.NullMarked;
