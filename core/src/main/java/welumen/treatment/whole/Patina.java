package welumen.treatment.whole;

import welumen.treatment.Candidate;
import welumen.treatment.Treatment;

/** Whether a part keeps the look that it has come to. */
final class Patina {
    private Patina() {}

    static boolean isKept(Candidate way) {
        return way.steps().stream()
                .allMatch(step -> step == Treatment.LEAVE
                        || step == Treatment.CLEAN
                        || step == Treatment.REFIX
                        || step == Treatment.RESTITCH);
    }
}
