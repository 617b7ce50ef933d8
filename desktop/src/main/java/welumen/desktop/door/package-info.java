/** What a first start asks, in the window: look round in the demo, or begin a workshop of one's own. */
@NullMarked
package welumen.desktop.door;

import org.jspecify.annotations.NullMarked;
