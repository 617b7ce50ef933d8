/** What becomes of parts that are off: where each is and who has it, what is kept, handed back or thrown away, what is left off. */
@NullMarked
package welumen.custody;

import org.jspecify.annotations.NullMarked;
