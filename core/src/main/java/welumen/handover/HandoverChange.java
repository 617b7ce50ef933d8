package welumen.handover;

/** What happens when a car goes home. */
public sealed interface HandoverChange {
    /** @param by who looked, by name */
    record Checked(SafetyCheck check, String by) implements HandoverChange {}

    /**
     * The customer, or whoever fetched it, has the car and all that belongs to it.
     *
     * @param by by name
     */
    record SignedFor(String by) implements HandoverChange {}
}
