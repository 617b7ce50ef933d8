/** The files of plans. */
@NullMarked
package welumen.files.plan;

import org.jspecify.annotations.NullMarked;
