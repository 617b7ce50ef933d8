/** Points, outlines and the one place where geometry is tested: everything that is a shape in the plane, in millimetres. */
@NullMarked
package welumen.shape;

import org.jspecify.annotations.NullMarked;
