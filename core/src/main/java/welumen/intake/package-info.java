/** The car, its owner, and the standard, budget and date that were agreed. */
@NullMarked
package welumen.intake;

import org.jspecify.annotations.NullMarked;
