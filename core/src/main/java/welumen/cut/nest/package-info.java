/**
 * Laying out as separation: pieces may lie over each other at first, and are moved one by one to where they do so least,
 * until nothing overlaps (Egeblad, Nielsen and Odgaard, 2007; Imamichi, Yagiura and Nagamochi, 2009; Umetani and others,
 * 2009; Elkeran, 2013; Gardeyn, Vanden Berghe and Wauters, 2025).
 */
@NullMarked
package welumen.cut.nest;

import org.jspecify.annotations.NullMarked;
