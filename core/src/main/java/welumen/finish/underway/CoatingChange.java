package welumen.finish.underway;

import java.time.Instant;

/** What happens to a surface on its way through its coats. */
public sealed interface CoatingChange {
    String id();

    record CoatingBegun(Coating coating) implements CoatingChange {
        @Override
        public String id() {
            return coating.id();
        }
    }

    /** @param what the step was, in words */
    record StepDone(String id, String what, Instant at) implements CoatingChange {}

    /** The next coat came too late, so that it was flatted back before. */
    record Keyed(String id, Instant at) implements CoatingChange {}

    record FlawMapped(String id, Flaw flaw) implements CoatingChange {}

    record FlawMended(String id, int number) implements CoatingChange {}

    /** It was none. */
    record FlawStruck(String id, int number) implements CoatingChange {}

    record TrialMade(String id, Tried tried) implements CoatingChange {}

    /** It is done once more, from where its cause asks for. */
    record CoatingWentWrong(String id, GoneWrong gone) implements CoatingChange {}

    /** It is not coated after all. */
    record CoatingDropped(String id) implements CoatingChange {}
}
