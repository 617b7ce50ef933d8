package welumen.treatment;

import welumen.cabin.Cabin;

/** Says in a few words what a change of this room did. */
public final class TreatmentSaid {
    private TreatmentSaid() {}

    public static String of(TreatmentChange change, Cabin cabin) {
        return switch (change) {
            case TreatmentChange.TreatmentChosen(var part, var treatments, var _, var _) ->
                "Chosen for the %s: %s"
                        .formatted(
                                cabin.named(part).name(), treatments.getFirst().word());
            case TreatmentChange.PartStandardSaid(var part, var standard) ->
                "%s: %s".formatted(cabin.named(part).title(), standard.word());
            case TreatmentChange.PricesLeftToYard() -> "Prices as in the yard";
            case TreatmentChange.PricesSaid(var prices) -> "Prices: %.2f an hour".formatted(prices.hour());
            case TreatmentChange.TreatmentDone(var part) ->
                "Ready: " + cabin.named(part).title();
        };
    }
}
