/** Coats one on the other: what holds on what, and in which steps a surface is built or mended. */
@NullMarked
package welumen.finish.coat;

import org.jspecify.annotations.NullMarked;
