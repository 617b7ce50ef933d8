/** Colours as they were read, on what, and what they say beside each other. */
@NullMarked
package welumen.finish.reading;

import org.jspecify.annotations.NullMarked;
