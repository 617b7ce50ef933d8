/** The finish bench: colours, mixes, test cards, and loads of small pieces. */
@NullMarked
package welumen.desktop.finish;

import org.jspecify.annotations.NullMarked;
