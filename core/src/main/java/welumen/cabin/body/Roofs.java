package welumen.cabin.body;

import java.util.List;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** What is overhead: a headlining with what pierces and edges it, or a hood. */
final class Roofs {
    private Roofs() {}

    static void list(Listing listing, Body body) {
        for (var side : List.of(Side.LEFT, Side.RIGHT))
            listing.add(side, "sun visor", PartKind.VISOR, Spot.HEADLINING, "vinyl");
        listing.add(Side.MIDDLE, "mirror", PartKind.MIRROR, Spot.HEADLINING, "");
        if (body == Body.DROPHEAD) hood(listing);
        else headlining(listing, body);
    }

    private static void headlining(Listing listing, Body body) {
        listing.add(Side.MIDDLE, "headlining", PartKind.HEADLINING, Spot.HEADLINING, "wool cloth on bows");
        listing.add(Side.MIDDLE, "courtesy lamp", PartKind.LAMP, Spot.HEADLINING, "");
        for (var side : List.of(Side.LEFT, Side.RIGHT)) {
            listing.add(side, "cant rail trim", PartKind.RAIL, Spot.HEADLINING, "covered board");
            if (body.hasRearSeat())
                listing.add(side, "rear pillar trim", PartKind.PILLAR, Spot.SHELF, "cloth on board");
        }
    }

    private static void hood(Listing listing) {
        listing.add(Side.MIDDLE, "hood", PartKind.HOOD, Spot.HEADLINING, "double-texture cloth");
        listing.addWithin("hood", Side.MIDDLE, "hood lining", PartKind.HEADLINING, "cloth");
        listing.addWithin("hood", Side.MIDDLE, "hood pads", PartKind.PAD, "horsehair and webbing");
        listing.add(Side.MIDDLE, "hood frame", PartKind.FRAME, Spot.HEADLINING, "steel and ash");
        listing.add(Side.MIDDLE, "header rail", PartKind.RAIL, Spot.HEADLINING, "ash");
        listing.add(Side.MIDDLE, "hood seal", PartKind.DOOR_SEAL, Spot.HEADLINING, "sponge rubber");
        listing.add(Side.MIDDLE, "tonneau cover", PartKind.COVER, Spot.LOAD_SPACE, "hood cloth");
        listing.add(Side.MIDDLE, "hood well liner", PartKind.BOARD, Spot.SHELF, "carpet on board");
    }
}
