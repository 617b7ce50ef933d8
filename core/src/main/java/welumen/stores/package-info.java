/** How much of everything: leather, thread, adhesive, with the working shown. */
@NullMarked
package welumen.stores;

import org.jspecify.annotations.NullMarked;
