package welumen.survey;

import java.util.List;
import welumen.cabin.PartKind;

/** What earlier hands usually left behind, by the kind of part; to be looked for before anybody trusts it. */
public final class EarlierWork {
    private EarlierWork() {}

    public static List<String> of(PartKind kind) {
        return switch (kind) {
            case CARPET, UNDERLAY, MAT ->
                List.of("glue stronger than the skin", "one covering over another", "rust covered up");
            case SHELL, BULKHEAD -> List.of("brackets cut off", "structure missing", "holes without grommets");
            case DOOR_CARD, SHIELD, POCKET -> List.of("membrane missing", "holes cut for loudspeakers", "wrong clips");
            case DASH, FASCIA, CONSOLE, SWITCHGEAR, GAUGES ->
                List.of("wires without a fuse or a sleeve", "screws into ducts");
            case SEAT, REAR_SEAT, COVER, FOAM, FRAME ->
                List.of("cover over cover", "bolts of the wrong grade", "foam of the wrong height");
            case HEADLINING, PILLAR, RAIL, VISOR ->
                List.of("glued where bows were", "listings cut", "airbag seams covered");
            default -> List.of();
        };
    }
}
