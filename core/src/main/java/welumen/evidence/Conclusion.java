package welumen.evidence;

import welumen.cabin.PartId;

/**
 * What all the evidence on a part comes to.
 *
 * @param acceptedBy who took it as true, by name
 */
public record Conclusion(PartId part, String says, Strength confidence, String acceptedBy) {
    public Conclusion {
        if (says.isBlank()) throw new IllegalArgumentException("Say what the evidence comes to.");
        if (acceptedBy.isBlank()) throw new IllegalArgumentException("Say who takes it as true.");
    }
}
