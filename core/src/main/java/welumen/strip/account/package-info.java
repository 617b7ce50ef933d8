/** Where each fixing is, what must be bought, what cannot be undone, what must be in a picture. */
@NullMarked
package welumen.strip.account;

import org.jspecify.annotations.NullMarked;
