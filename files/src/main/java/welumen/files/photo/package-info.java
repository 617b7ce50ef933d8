/** Photos from outside: read with care, turned as the camera was held, shrunk for the screen. */
@NullMarked
package welumen.files.photo;

import org.jspecify.annotations.NullMarked;
