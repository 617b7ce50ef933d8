/** Running clocks: glue flashing off, filler curing, colour drying. */
@NullMarked
package welumen.clock;

import org.jspecify.annotations.NullMarked;
