/** Stripes, checks and the way that leather stretches: where a piece may lie because of what is on its stock. */
@NullMarked
package welumen.cut.cloth;

import org.jspecify.annotations.NullMarked;
