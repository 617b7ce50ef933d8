package welumen.cabin.body;

import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;

/** What lies along a sill and stands on it: covers, seals, pillars, belts. */
final class Sills {
    private Sills() {}

    static void list(Listing listing, Body body, Side side) {
        var sill = side == Side.LEFT ? Spot.SILL_LEFT : Spot.SILL_RIGHT;
        listing.add(side, "sill cover", PartKind.SILL_COVER, sill, "ribbed aluminium");
        listing.add(side, "front door seal", PartKind.DOOR_SEAL, sill, "sponge rubber");
        if (body.hasRearDoors()) listing.add(side, "rear door seal", PartKind.DOOR_SEAL, sill, "sponge rubber");
        listing.add(side, "front pillar trim", PartKind.PILLAR, sill, "vinyl on steel");
        if (body != Body.DROPHEAD) listing.add(side, "centre pillar trim", PartKind.PILLAR, sill, "vinyl on steel");
        listing.add(side, "seat belt", PartKind.BELT, sill, "webbing");
        listing.onlyWhere("seat belts");
    }
}
