/** Pieces of a pattern in open formats: DXF and SVG out and in again, a table of them out. */
@NullMarked
package welumen.files.pattern;

import org.jspecify.annotations.NullMarked;
