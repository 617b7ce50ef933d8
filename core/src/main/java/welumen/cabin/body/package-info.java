/** The usual parts of the common bodies, to fill a car in one step and then be put right by looking. */
@NullMarked
package welumen.cabin.body;

import org.jspecify.annotations.NullMarked;
