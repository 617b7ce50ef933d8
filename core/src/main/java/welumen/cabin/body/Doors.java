package welumen.cabin.body;

import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** Doors and, where there are none behind, the panels in their place. */
final class Doors {
    private Doors() {}

    static void list(Listing listing, Body body, Side side) {
        var left = side == Side.LEFT;
        door(listing, side, "front", left ? Spot.CARD_FRONT_LEFT : Spot.CARD_FRONT_RIGHT);
        var rear = left ? Spot.CARD_REAR_LEFT : Spot.CARD_REAR_RIGHT;
        if (body.hasRearDoors()) door(listing, side, "rear", rear);
        else if (body.hasRearSeat()) {
            listing.add(side, "rear side panel", PartKind.DOOR_CARD, rear, "hide on board");
            listing.addWithin("rear side panel", side, "rear armrest", PartKind.ARMREST, "hide");
            listing.add(side, "rear window winder", PartKind.HANDLE, rear, "plated zinc");
        }
    }

    private static void door(Listing listing, Side side, String which, Spot spot) {
        listing.add(side, which + " door card", PartKind.DOOR_CARD, spot, "hide on board");
        listing.add(side, which + " door pull", PartKind.HANDLE, spot, "hide");
        listing.add(side, which + " window winder", PartKind.HANDLE, spot, "plated zinc");
        listing.add(side, which + " door handle", PartKind.HANDLE, spot, "plated zinc");
        if (which.equals("front"))
            listing.addWithin("front door card", side, "front door pocket", PartKind.POCKET, "hide on board");
        listing.add(side, which + " water shield", PartKind.SHIELD, spot, "waxed paper");
    }
}
