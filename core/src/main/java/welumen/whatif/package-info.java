/** What follows when something is found, slips, or is done otherwise: each tried in the planner. */
@NullMarked
package welumen.whatif;

import org.jspecify.annotations.NullMarked;
