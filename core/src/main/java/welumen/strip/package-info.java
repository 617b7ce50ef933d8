/** Taking apart so that it goes back together: steps, fixings, bags, what holds what, and how to reach a part. */
@NullMarked
package welumen.strip;

import org.jspecify.annotations.NullMarked;
