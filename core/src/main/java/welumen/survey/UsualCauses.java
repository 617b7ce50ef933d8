package welumen.survey;

import java.util.List;

/** Where a symptom usually comes from, each with the way it is tried. The cause is cured before anything new goes over it. */
public final class UsualCauses {
    private UsualCauses() {}

    public static List<String> of(FindingKind symptom) {
        return switch (symptom) {
            case DAMP, MOULD, SMELL ->
                List.of(
                        "screen and its rubber: a hose from below upward, one side at a time",
                        "door membrane and its lower edge: card off, water down the glass",
                        "sill and scuttle drains: wire through, then water",
                        "heater and its hoses: paper beneath, engine warm",
                        "seals: chalk on the rubber, door closed");
            case VERMIN ->
                List.of("grommets and vents: a lamp inside, dark outside", "nests: behind trim and in ducts");
            default -> List.of();
        };
    }
}
