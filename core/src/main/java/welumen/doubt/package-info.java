/** What is taken for likely and has not been confirmed: it looks like a guess until somebody says that it is right. */
@NullMarked
package welumen.doubt;

import org.jspecify.annotations.NullMarked;
