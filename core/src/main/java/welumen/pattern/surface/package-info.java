/** Patterns sewn into a panel over padding: flutes and diamonds, laid out so that they close at the edges. */
@NullMarked
package welumen.pattern.surface;

import org.jspecify.annotations.NullMarked;
