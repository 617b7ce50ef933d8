/** The only room that knows every other: one job and the workshop, each folded from its changes. */
@NullMarked
package welumen.job;

import org.jspecify.annotations.NullMarked;
