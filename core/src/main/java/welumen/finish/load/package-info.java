/** Which piece is sprayed in which load, whether it fits the day, and where the cans run out. */
@NullMarked
package welumen.finish.load;

import org.jspecify.annotations.NullMarked;
