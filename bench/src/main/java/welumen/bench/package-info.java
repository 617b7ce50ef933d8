/** Measured cases; not shipped. Figures stand in {@code docs/figures.md} with the command that made them. */
@NullMarked
package welumen.bench;

import org.jspecify.annotations.NullMarked;
