/** What can be done with a part, what each way costs and leaves, which is best for this job, and what was chosen. */
@NullMarked
package welumen.treatment;

import org.jspecify.annotations.NullMarked;
