/** The independent judge of every plan, and what a plan is worth. */
@NullMarked
package welumen.cut.judge;

import org.jspecify.annotations.NullMarked;
