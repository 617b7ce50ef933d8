/** How many hides to order: the job's very pieces laid out on deliveries that may come. */
@NullMarked
package welumen.cut.forecast;

import org.jspecify.annotations.NullMarked;
