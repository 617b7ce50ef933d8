/** Left and right, which are cousins and not twins: what may differ between them, and whether anything else does. */
@NullMarked
package welumen.pattern.sides;

import org.jspecify.annotations.NullMarked;
