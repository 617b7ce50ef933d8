/** What holds a part, what lies over it, and the least that must come off to reach it. */
@NullMarked
package welumen.strip.reach;

import org.jspecify.annotations.NullMarked;
