package welumen.intake;

/**
 * Something that was found in the car and is the customer's: coins, papers, tools.
 *
 * @param number from 1, the next free one in its job
 */
public record FoundThing(int number, String what, String where, boolean handedBack) {
    public FoundThing {
        if (what.isBlank()) throw new IllegalArgumentException("Say what was found.");
    }
}
