/** A typed line, read: what was done at which part, with which fixings, into which bag. */
@NullMarked
package welumen.strip.line;

import org.jspecify.annotations.NullMarked;
