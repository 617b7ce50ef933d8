/** What the window shows and asks for, without a single node. */
@NullMarked
package welumen.desktop.model;

import org.jspecify.annotations.NullMarked;
