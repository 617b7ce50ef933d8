/** What is cut from: hides with their grades and flaws, rolls, and which way they stretch. */
@NullMarked
package welumen.cut.stock;

import org.jspecify.annotations.NullMarked;
