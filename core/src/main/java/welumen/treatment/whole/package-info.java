/** One treatment for every part at once: the best set within standard, budget, date and what is seen together. */
@NullMarked
package welumen.treatment.whole;

import org.jspecify.annotations.NullMarked;
