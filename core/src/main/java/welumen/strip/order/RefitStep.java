package welumen.strip.order;

import java.util.List;
import welumen.cabin.PartId;

/** One step of putting back. */
public sealed interface RefitStep {
    /** Fit and fasten. */
    record Fit(PartId part) implements RefitStep {}

    /** Put in, line up, leave the fixings slack. */
    record FitLoose(PartId part) implements RefitStep {}

    /** Line up with each other and tighten. */
    record TightenTogether(List<PartId> parts) implements RefitStep {}
}
