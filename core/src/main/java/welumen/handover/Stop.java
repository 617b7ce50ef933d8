package welumen.handover;

import java.util.List;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.LeftOff;
import welumen.refit.FixingAccount;

/** One thing that keeps a car from going home. */
public sealed interface Stop {
    /** Parts that came off and are not back. */
    record StillOut(List<PartId> parts) implements Stop {
        public StillOut {
            parts = List.copyOf(parts);
        }
    }

    /** It was left off on purpose, and only this list brings it back to mind. */
    record LeftOffStill(LeftOff leftOff) implements Stop {}

    /** All that are held for one reason. */
    record Held(List<PartId> parts, String because) implements Stop {
        public Held {
            parts = List.copyOf(parts);
        }
    }

    record Elsewhere(Away away) implements Stop {}

    /** The customer's own, found in the car or kept for him. */
    record NotHandedBack(String what) implements Stop {}

    /** Fixings that lie in a bag though every part that was off is back, or of which nobody has said anything. */
    record FixingsOpen(FixingAccount.Line line) implements Stop {}

    record Unchecked(SafetyCheck check) implements Stop {}
}
