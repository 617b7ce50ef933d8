/** At the cutting table: what is chalked in which order, what is spoilt, what is left over. */
@NullMarked
package welumen.cut.table;

import org.jspecify.annotations.NullMarked;
