/** A camera that is not there: it draws what it would have seen. */
@NullMarked
package welumen.standins.camera;

import org.jspecify.annotations.NullMarked;
