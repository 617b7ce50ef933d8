/** Colour by measure: reflectance, lamps, the standard observer, differences; what a screen can show of it. */
@NullMarked
package welumen.colour;

import org.jspecify.annotations.NullMarked;
