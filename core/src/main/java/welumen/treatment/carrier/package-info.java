/** Mending what carries the trim, so that it can be covered: boards, bosses, studs, moulded pads, foam, springs. */
@NullMarked
package welumen.treatment.carrier;

import org.jspecify.annotations.NullMarked;
