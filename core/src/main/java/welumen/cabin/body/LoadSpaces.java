package welumen.cabin.body;

import java.util.List;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** What lies behind the last seat. */
final class LoadSpaces {
    private LoadSpaces() {}

    static void list(Listing listing, Body body) {
        switch (body) {
            case SALOON, COUPE -> {
                listing.add(Side.MIDDLE, "parcel shelf", PartKind.SHELF, Spot.SHELF, "cloth on board");
                boot(listing);
            }
            case DROPHEAD -> boot(listing);
            case ESTATE -> {
                tailgate(listing);
                listing.add(Side.MIDDLE, "load carpet", PartKind.CARPET, Spot.LOAD_SPACE, "loop carpet");
                listing.add(Side.MIDDLE, "load underlay", PartKind.UNDERLAY, Spot.LOAD_SPACE, "jute felt");
                sides(listing, "load side trim");
            }
            case VAN -> {
                tailgate(listing);
                listing.add(Side.MIDDLE, "load mat", PartKind.MAT, Spot.LOAD_SPACE, "rubber");
                listing.add(Side.MIDDLE, "cab rear panel", PartKind.BULKHEAD, Spot.SHELF, "board and vinyl");
                listing.add(Side.MIDDLE, "spare wheel cover", PartKind.COVER, Spot.LOAD_SPACE, "vinyl");
                sides(listing, "load side board");
                sides(listing, "wheel arch cover");
            }
        }
    }

    private static void boot(Listing listing) {
        listing.add(Side.MIDDLE, "boot board", PartKind.BOARD, Spot.LOAD_SPACE, "board");
        listing.add(Side.MIDDLE, "boot mat", PartKind.MAT, Spot.LOAD_SPACE, "rubber");
        listing.add(Side.MIDDLE, "boot seal", PartKind.DOOR_SEAL, Spot.LOAD_SPACE, "sponge rubber");
        sides(listing, "boot side trim");
    }

    private static void tailgate(Listing listing) {
        listing.add(Side.MIDDLE, "load board", PartKind.BOARD, Spot.LOAD_SPACE, "board");
        listing.add(Side.MIDDLE, "tailgate trim", PartKind.DOOR_CARD, Spot.LOAD_SPACE, "vinyl on board");
        listing.add(Side.MIDDLE, "tailgate seal", PartKind.DOOR_SEAL, Spot.LOAD_SPACE, "sponge rubber");
    }

    private static void sides(Listing listing, String name) {
        for (var side : List.of(Side.LEFT, Side.RIGHT))
            listing.add(side, name, PartKind.BOARD, Spot.LOAD_SPACE, "vinyl on board");
    }
}
