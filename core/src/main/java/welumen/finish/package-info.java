/** The finish bench: colours read and mixed, sheen judged dry, many small pieces in loads. */
@NullMarked
package welumen.finish;

import org.jspecify.annotations.NullMarked;
