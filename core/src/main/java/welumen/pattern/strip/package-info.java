/** Strips that run along edges: binding and piping, how wide they are cut, how many, and where they are joined. */
@NullMarked
package welumen.pattern.strip;

import org.jspecify.annotations.NullMarked;
