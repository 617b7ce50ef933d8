/** The cars of the yard: what each waits for, and how another one comes in. */
@NullMarked
package welumen.desktop.cars;

import org.jspecify.annotations.NullMarked;
