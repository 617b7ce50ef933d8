/** What lies beneath a covering, layer over layer, and the bends over which it goes. */
@NullMarked
package welumen.pattern.layer;

import org.jspecify.annotations.NullMarked;
