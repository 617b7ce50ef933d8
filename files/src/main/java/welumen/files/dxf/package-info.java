/** Drawings as DXF in millimetres, one block a piece, on the layers of the open apparel pattern standard (ASTM D6673). */
@NullMarked
package welumen.files.dxf;

import org.jspecify.annotations.NullMarked;
