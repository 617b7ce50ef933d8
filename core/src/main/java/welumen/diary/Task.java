package welumen.diary;

import java.util.List;
import welumen.cabin.PartId;

/**
 * Something to be done to a part.
 *
 * @param hours the usual hours of work
 * @param waitsFor why it cannot be begun; empty if it can be begun now
 * @param keepsWaiting how many other tasks wait for this one
 */
public record Task(PartId part, Kind kind, double hours, List<Wait> waitsFor, int keepsWaiting) {
    /** What is done. */
    public enum Kind {
        TREAT("treat"),
        PUT_BACK("put back");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Task {
        waitsFor = List.copyOf(waitsFor);
    }

    public boolean canBegin() {
        return waitsFor.isEmpty();
    }
}
