package welumen.strip;

/** What a step left behind. */
public enum Outcome {
    /** The part is off the car. */
    OFF,
    /** Some of what held it is out, but it is still there. */
    LOOSENED
}
