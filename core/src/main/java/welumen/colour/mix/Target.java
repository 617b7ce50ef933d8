package welumen.colour.mix;

import java.util.Optional;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;

/**
 * A colour as it was read.
 *
 * @param reflectance empty where only its L*a*b* is known: then nothing is known of it under another lamp
 * @param lab under D65
 */
public record Target(Optional<Reflectance> reflectance, Lab lab) {
    public static Target of(Reflectance reflectance) {
        return new Target(Optional.of(reflectance), Lab.of(reflectance, Illuminant.D65));
    }

    public static Target of(Lab lab) {
        return new Target(Optional.empty(), lab);
    }
}
