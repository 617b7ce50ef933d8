/** Pieces that come from elsewhere: from a photo, from a file. */
@NullMarked
package welumen.pattern.outside;

import org.jspecify.annotations.NullMarked;
