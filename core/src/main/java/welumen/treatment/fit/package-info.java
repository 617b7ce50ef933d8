/** Buying or making, decided by measure: where a bought part is over and where short, what hides it, what each way costs. */
@NullMarked
package welumen.treatment.fit;

import org.jspecify.annotations.NullMarked;
