/** The Survey stage. */
@NullMarked
package welumen.desktop.survey;

import org.jspecify.annotations.NullMarked;
