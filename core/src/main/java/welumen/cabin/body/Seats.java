package welumen.cabin.body;

import java.util.List;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** Seats with what they are made of: covers over foam over a frame. */
final class Seats {
    private Seats() {}

    static void listFront(Listing listing, Body body, Side side) {
        if (body == Body.VAN) return;
        var spot = side == Side.LEFT ? Spot.SEAT_LEFT : Spot.SEAT_RIGHT;
        listing.add(side, "front seat", PartKind.SEAT, spot, "hide");
        for (var half : List.of("cushion", "backrest")) {
            listing.addWithin("front seat", side, "seat " + half + " cover", PartKind.COVER, "hide");
            listing.addWithin("front seat", side, "seat " + half + " foam", PartKind.FOAM, "foam");
        }
        listing.addWithin("front seat", side, "seat frame", PartKind.FRAME, "steel");
        listing.addWithin("front seat", side, "seat runners", PartKind.RUNNERS, "steel");
        listing.add(side, "seat runner cover", PartKind.RUNNER, spot, "painted steel");
    }

    /** What goes right across the car: a front bench, a rear seat. */
    static void listAcross(Listing listing, Body body) {
        if (body == Body.VAN) {
            pair(listing, "bench cushion", "bench backrest", PartKind.SEAT, Spot.BENCH);
            listing.add(Side.MIDDLE, "bench frame", PartKind.FRAME, Spot.BENCH, "steel");
        }
        if (body.hasRearSeat()) pair(listing, "rear cushion", "rear backrest", PartKind.REAR_SEAT, Spot.REAR_SEAT);
    }

    private static void pair(Listing listing, String cushion, String backrest, PartKind kind, Spot spot) {
        for (var name : List.of(cushion, backrest)) {
            listing.add(Side.MIDDLE, name, kind, spot, "hide");
            listing.addWithin(name, Side.MIDDLE, name + " cover", PartKind.COVER, "hide");
            listing.addWithin(name, Side.MIDDLE, name + " foam", PartKind.FOAM, "foam");
        }
    }
}
