package welumen.cabin.body;

import java.util.List;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** Dash and bulkhead: pad over fascia over ducts, the driver's gauges, the passenger's glove box. */
final class DashParts {
    private DashParts() {}

    static void list(Listing listing, Side wheel) {
        var passenger = wheel == Side.LEFT ? Side.RIGHT : Side.LEFT;
        listing.add(Side.MIDDLE, "battery", PartKind.BATTERY, Spot.BULKHEAD, "");
        listing.add(Side.MIDDLE, "bulkhead trim", PartKind.BULKHEAD, Spot.BULKHEAD, "board");
        listing.add(Side.MIDDLE, "dash", PartKind.DASH, Spot.DASH, "painted steel");
        listing.add(Side.MIDDLE, "padded roll", PartKind.PAD, Spot.DASH, "hide over foam");
        listing.addWithin("dash", Side.MIDDLE, "fascia", PartKind.FASCIA, "painted steel");
        listing.add(Side.MIDDLE, "dash switches", PartKind.SWITCHGEAR, Spot.DASH, "");
        listing.add(Side.MIDDLE, "gauges", PartKind.GAUGES, Spot.DASH, "");
        listing.add(Side.MIDDLE, "steering wheel", PartKind.WHEEL, Spot.DASH, "");
        listing.add(Side.MIDDLE, "column cowl", PartKind.COWL, Spot.DASH, "moulded plastic");
        listing.add(Side.MIDDLE, "glove box lid", PartKind.LID, Spot.DASH, "painted steel");
        listing.add(passenger, "glove box", PartKind.BOARD, Spot.DASH, "flocked board");
        for (var side : List.of(Side.LEFT, Side.RIGHT)) {
            listing.add(side, "dash duct", PartKind.DUCT, Spot.DASH, "moulded plastic");
            listing.add(side, "dash vent", PartKind.VENT, Spot.DASH, "moulded plastic");
        }
    }
}
