/** The Handover stage. */
@NullMarked
package welumen.desktop.handover;

import org.jspecify.annotations.NullMarked;
