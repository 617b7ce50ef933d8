/** How leather behaves when it is worked, and what follows for how it is cut. */
@NullMarked
package welumen.cut.leather;

import org.jspecify.annotations.NullMarked;
