package welumen.whatif;

/**
 * A change that was tried.
 *
 * @param days working days by which the car is ready sooner
 */
public record Gain(Remedy remedy, double days) {}
