/** A job is its log: entries that are appended, folded into a state, taken back and put back. It knows no room. */
@NullMarked
package welumen.journal;

import org.jspecify.annotations.NullMarked;
