/** Surfaces on their way through their coats: how far each is, what raking light showed, what its trials did, what went wrong. */
@NullMarked
package welumen.finish.underway;

import org.jspecify.annotations.NullMarked;
