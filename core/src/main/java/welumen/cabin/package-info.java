/** The car's parts and the unfolded cabin in which each has its place. */
@NullMarked
package welumen.cabin;

import org.jspecify.annotations.NullMarked;
