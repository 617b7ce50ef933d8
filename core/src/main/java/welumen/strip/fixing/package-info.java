/** What holds trim: kinds of fixings, how many of them are where, and in what condition they came off. */
@NullMarked
package welumen.strip.fixing;

import org.jspecify.annotations.NullMarked;
