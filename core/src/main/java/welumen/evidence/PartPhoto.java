package welumen.evidence;

import java.time.Instant;
import welumen.cabin.PartId;

/**
 * A photo of a part.
 *
 * @param photo its content hash
 * @param taken when it was taken, by the camera's clock where it says so
 */
public record PartPhoto(PartId part, String photo, Moment moment, Instant taken) {}
