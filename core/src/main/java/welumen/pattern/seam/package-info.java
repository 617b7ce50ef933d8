/** How pieces are sewn to each other: which edges belong together, and in which order seams are sewn. */
@NullMarked
package welumen.pattern.seam;

import org.jspecify.annotations.NullMarked;
