/** Mixes as files. */
@NullMarked
package welumen.files.mix;

import org.jspecify.annotations.NullMarked;
