/** Sheen as a measured target: test cards, and what they hold up. */
@NullMarked
package welumen.finish.sheen;

import org.jspecify.annotations.NullMarked;
