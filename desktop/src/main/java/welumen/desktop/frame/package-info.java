/** What stands on every stage: the tape, the unfolded cabin, the bench rail. */
@NullMarked
package welumen.desktop.frame;

import org.jspecify.annotations.NullMarked;
