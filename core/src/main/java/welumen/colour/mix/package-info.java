/** Which tints, how much of each: Kubelka and Munk’s theory of films that hide what is under them. */
@NullMarked
package welumen.colour.mix;

import org.jspecify.annotations.NullMarked;
