/** Paper at full size: targets, and pieces tiled over sheets that are joined by their marks. */
@NullMarked
package welumen.files.full;

import org.jspecify.annotations.NullMarked;
