/** How changes are written as JSON, and how files from outside are read with the place of every complaint. */
@NullMarked
package welumen.files.json;

import org.jspecify.annotations.NullMarked;
