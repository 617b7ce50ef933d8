package welumen.intake;

/** Whose car it is, and how to reach them. */
public record Customer(String name, String reach) {}
