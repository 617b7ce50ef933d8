/** What is found on a part, and what is to be done with it. */
@NullMarked
package welumen.survey;

import org.jspecify.annotations.NullMarked;
