/** The car going home: what still stops it, who checked what holds lives, and who signed for the car. */
@NullMarked
package welumen.handover;

import org.jspecify.annotations.NullMarked;
