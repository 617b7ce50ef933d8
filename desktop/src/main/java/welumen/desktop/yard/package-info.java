/** What belongs to the workshop and not to a car: people, places, stock, goods, prices, house ways. */
@NullMarked
package welumen.desktop.yard;

import org.jspecify.annotations.NullMarked;
