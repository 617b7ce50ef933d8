/** The Stores stage. */
@NullMarked
package welumen.desktop.stores;

import org.jspecify.annotations.NullMarked;
