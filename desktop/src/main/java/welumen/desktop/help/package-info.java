/** What each leaf is for, in a few sentences, each of them pointing at what it is about. */
@NullMarked
package welumen.desktop.help;

import org.jspecify.annotations.NullMarked;
