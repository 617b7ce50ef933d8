/** Labels on parts and bags, written and read. */
@NullMarked
package welumen.strip.label;

import org.jspecify.annotations.NullMarked;
