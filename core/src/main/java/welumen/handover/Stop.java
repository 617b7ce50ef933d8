package welumen.handover;

import java.util.List;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.LeftOff;
import welumen.refit.FixingAccount;
import welumen.refit.Undone;

/** One thing that keeps a car from going home. */
public sealed interface Stop {
    /** Parts that came off and are not back. */
    record StillOut(List<PartId> parts) implements Stop {
        public StillOut {
            parts = List.copyOf(parts);
        }
    }

    /** Parts that are not finished, whether they are in the car or not: all that still want one kind of thing. */
    record Unfinished(Kind kind, List<PartId> parts) implements Stop {
        /** What is still wanted. */
        public enum Kind {
            UNTREATED("chosen and not done"),
            UNDECIDED("bad, and nothing chosen"),
            UNCUT("drawn and not cut"),
            UNCOATED("their coats not done");

            private final String word;

            Kind(String word) {
                this.word = word;
            }

            public String word() {
                return word;
            }

            static Kind of(Undone undone) {
                return switch (undone) {
                    case Undone.Untreated _ -> UNTREATED;
                    case Undone.Undecided _ -> UNDECIDED;
                    case Undone.Uncut _ -> UNCUT;
                    case Undone.Uncoated _ -> UNCOATED;
                };
            }
        }

        public Unfinished {
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

    /** Small pieces that are not fitted: from hook to screw none is lost. */
    record PiecesOpen(int count, List<String> names) implements Stop {
        public PiecesOpen {
            names = List.copyOf(names);
        }
    }

    /** A surface that is no part of the cabin and whose coats are not done. */
    record CoatsOpen(String what, String next) implements Stop {}

    /** Nobody has said what is kept of a mix for repairs. */
    record NoTouchUp(String recipe, String title) implements Stop {}
}
