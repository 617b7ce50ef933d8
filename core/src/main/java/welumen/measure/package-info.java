/** Lengths, areas and money, read and printed as the trade writes them. Exact inside; millimetres. */
@NullMarked
package welumen.measure;

import org.jspecify.annotations.NullMarked;
