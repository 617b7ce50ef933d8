/** Cutting problems and plans as open JSON and as a picture. */
@NullMarked
package welumen.files.nest;

import org.jspecify.annotations.NullMarked;
