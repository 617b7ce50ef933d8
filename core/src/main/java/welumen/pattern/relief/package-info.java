/** Patterns sewn into a panel over padding: flutes and diamonds, laid out so that they close at the edges. */
@NullMarked
package welumen.pattern.relief;

import org.jspecify.annotations.NullMarked;
