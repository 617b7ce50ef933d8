package welumen.cabin.body;

import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** Carpets over underlay over steel, kick panels, the tunnel and its console. */
final class Floors {
    private Floors() {}

    static void list(Listing listing, Body body, Side side) {
        var left = side == Side.LEFT;
        var front = left ? Spot.FLOOR_FRONT_LEFT : Spot.FLOOR_FRONT_RIGHT;
        listing.add(side, "kick panel", PartKind.KICK_PANEL, front, "board and vinyl");
        layers(listing, side, "front", front);
        if (body.hasRearSeat()) layers(listing, side, "rear", left ? Spot.FLOOR_REAR_LEFT : Spot.FLOOR_REAR_RIGHT);
    }

    private static void layers(Listing listing, Side side, String which, Spot spot) {
        listing.add(side, which + " carpet", PartKind.CARPET, spot, "loop carpet");
        listing.add(side, which + " underlay", PartKind.UNDERLAY, spot, "jute felt");
        listing.add(side, which + " floor", PartKind.SHELL, spot, "steel");
    }

    static void listMiddle(Listing listing, Body body, Side wheel) {
        listing.addWithin("front carpet", wheel, "heel pad", PartKind.MAT, "rubber");
        listing.add(Side.MIDDLE, "console", PartKind.CONSOLE, Spot.TUNNEL, "moulded plastic");
        listing.add(Side.MIDDLE, "gear gaiter", PartKind.GAITER, Spot.TUNNEL, "hide");
        listing.add(Side.MIDDLE, "tunnel carpet", PartKind.CARPET, Spot.TUNNEL, "loop carpet");
        listing.add(Side.MIDDLE, "tunnel underlay", PartKind.UNDERLAY, Spot.TUNNEL, "jute felt");
        listing.add(Side.MIDDLE, "cross-member", PartKind.SHELL, Spot.FLOOR_FRONT_LEFT, "steel");
    }
}
