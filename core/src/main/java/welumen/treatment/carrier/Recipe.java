package welumen.treatment.carrier;

import java.util.Locale;

/**
 * How one failure of a carrier is mended. Figures are usual ones; what stands on the tin goes before them.
 *
 * @param amounts each material with how much of it, in ml, g, mm or cm²
 * @param cureHours at 20 °C, before anything leans on it
 * @param cutBack how far it may be sanded or cut, and when
 * @param strength the share of the sound carrier's strength that comes back, 0 to 1
 * @param never what spoils it
 */
public record Recipe(String how, String amounts, double cureHours, String cutBack, double strength, String never) {
    public Recipe {
        if (!(cureHours >= 0 && strength > 0 && strength <= 1))
            throw new IllegalArgumentException("A recipe cures in [%s] h to [%s].".formatted(cureHours, strength));
    }

    /** All of it in one sentence after the other. */
    public String said() {
        return String.format(
                Locale.ROOT,
                "%s: %s. Cures %.0f h; %s; about %.0f %% of its strength comes back. Never %s.",
                how,
                amounts,
                cureHours,
                cutBack,
                100 * strength,
                never);
    }
}
