package welumen.strip;

import java.util.List;
import java.util.Map;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;

/** A small car to take apart: a seal laps a sill, the sill laps a carpet, the carpet hides a cross-member. */
public final class Saloon {
    public static final PartId SEAL = new PartId("left-door-seal");
    public static final PartId SILL = new PartId("left-sill-cover");
    public static final PartId CARPET = new PartId("left-front-carpet");
    public static final PartId MEMBER = new PartId("cross-member");
    public static final PartId SEAT = new PartId("left-front-seat");

    private Saloon() {}

    public static Cabin cabin() {
        return new Cabin(List.of(
                part(SEAL, "left door seal", PartKind.DOOR_SEAL, Spot.SILL_LEFT),
                part(SILL, "left sill cover", PartKind.SILL_COVER, Spot.SILL_LEFT),
                part(SEAT, "left front seat", PartKind.SEAT, Spot.SEAT_LEFT),
                part(CARPET, "left front carpet", PartKind.CARPET, Spot.FLOOR_FRONT_LEFT),
                part(MEMBER, "cross-member", PartKind.SHELL, Spot.FLOOR_FRONT_LEFT)));
    }

    public static StripLog log() {
        return new StripLog(
                List.of(),
                bonds(
                        new StripRule(SILL, StripReason.COVERED_BY, SEAL),
                        new StripRule(CARPET, StripReason.COVERED_BY, SILL),
                        new StripRule(CARPET, StripReason.TRAPPED_BEHIND, SEAT),
                        new StripRule(MEMBER, StripReason.COVERED_BY, CARPET)),
                Map.of(
                        SILL,
                        List.of(
                                new FixingPlaces(6, FixingKind.SCREW, "no. 8", ""),
                                new FixingPlaces(2, FixingKind.TRIM_CLIP, "", "under the door seal"))));
    }

    static Bonds bonds(StripRule... rules) {
        return bonds(List.of(rules));
    }

    static Bonds bonds(List<StripRule> rules) {
        return new Bonds(rules, List.of(), List.of(), List.of(), Side.MIDDLE);
    }

    private static Part part(PartId id, String name, PartKind kind, Spot spot) {
        return new Part(id, name, kind, Side.LEFT, spot, "", Supply.NOT_KNOWN);
    }
}
