/** Photos and what they prove; the camera that takes them. */
@NullMarked
package welumen.evidence;

import org.jspecify.annotations.NullMarked;
