/** The workshop itself, whatever car stands in it: people, places, stock, suppliers, prices and house ways, in a log of its own. */
@NullMarked
package welumen.yard;

import org.jspecify.annotations.NullMarked;
