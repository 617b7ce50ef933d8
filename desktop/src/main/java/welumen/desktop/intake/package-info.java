/** The Intake stage. */
@NullMarked
package welumen.desktop.intake;

import org.jspecify.annotations.NullMarked;
