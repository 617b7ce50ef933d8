/** Pieces that may lie over each other, how deeply they do, and moving them one by one to where they do so least. */
@NullMarked
package welumen.cut.nest.separation;

import org.jspecify.annotations.NullMarked;
