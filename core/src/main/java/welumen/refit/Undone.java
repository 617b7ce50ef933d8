package welumen.refit;

import java.util.List;
import welumen.survey.Finding;

/** Something that a part still wants done to it, so that it is not finished. */
public sealed interface Undone {
    /** @param what was chosen, “fill and recolour” */
    record Untreated(String what) implements Undone {}

    /** It is bad, and nobody has chosen what to do. */
    record Undecided(Finding finding) implements Undone {}

    /** @param pieces the names of those that are drawn for it and not cut */
    record Uncut(List<String> pieces) implements Undone {
        public Uncut {
            pieces = List.copyOf(pieces);
        }
    }

    /** Its coats are on their way. @param next what comes next */
    record Uncoated(String next) implements Undone {}

    /** “it is still to be treated: fill and recolour”. */
    default String said() {
        return switch (this) {
            case Untreated(var what) -> "it is still to be treated: " + what;
            case Undecided(var finding) ->
                "nothing is chosen for its %s, which is %s"
                        .formatted(finding.kind().word(), finding.severity().word());
            case Uncoated(var next) -> "its coats are not done: " + next;
            case Uncut(var pieces) ->
                pieces.size() == 1
                        ? "its %s is not cut".formatted(pieces.getFirst())
                        : "%d of its pieces are not cut".formatted(pieces.size());
        };
    }
}
