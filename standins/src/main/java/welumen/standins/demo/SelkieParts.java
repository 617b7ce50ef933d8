package welumen.standins.demo;

import static welumen.cabin.PartKind.*;
import static welumen.cabin.Side.LEFT;
import static welumen.cabin.Side.MIDDLE;
import static welumen.cabin.Side.RIGHT;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;

/** The parts of the 1963 Varrow Selkie. */
final class SelkieParts {
    private static final String HIDE = "sage hide";

    private SelkieParts() {}

    static List<Part> all() {
        var parts = new ArrayList<Part>();
        side(parts, LEFT);
        side(parts, RIGHT);
        middle(parts);
        return parts;
    }

    /** The name of a part as its id. */
    static PartId id(String name) {
        return new PartId(name.replace(' ', '-'));
    }

    private static void side(List<Part> parts, Side side) {
        var left = side == LEFT;
        var sill = left ? Spot.SILL_LEFT : Spot.SILL_RIGHT;
        var front = left ? Spot.FLOOR_FRONT_LEFT : Spot.FLOOR_FRONT_RIGHT;
        var rear = left ? Spot.FLOOR_REAR_LEFT : Spot.FLOOR_REAR_RIGHT;
        var seat = left ? Spot.SEAT_LEFT : Spot.SEAT_RIGHT;
        var frontCard = left ? Spot.CARD_FRONT_LEFT : Spot.CARD_FRONT_RIGHT;
        var rearCard = left ? Spot.CARD_REAR_LEFT : Spot.CARD_REAR_RIGHT;
        add(parts, side, "sill cover", SILL_COVER, sill, "ribbed aluminium", Supply.NO_LONGER_MADE);
        add(parts, side, "front door seal", DOOR_SEAL, sill, "sponge rubber", Supply.STILL_MADE);
        add(parts, side, "rear door seal", DOOR_SEAL, sill, "sponge rubber", Supply.STILL_MADE);
        add(parts, side, "front seat", SEAT, seat, HIDE, Supply.NOT_KNOWN);
        add(parts, side, "seat runner cover", RUNNER, seat, "painted steel", Supply.NO_LONGER_MADE);
        add(parts, side, "front door card", DOOR_CARD, frontCard, HIDE + " and striped wool", Supply.NO_LONGER_MADE);
        add(parts, side, "front door pull", HANDLE, frontCard, HIDE, Supply.NO_LONGER_MADE);
        add(parts, side, "rear door card", DOOR_CARD, rearCard, HIDE + " and striped wool", Supply.NO_LONGER_MADE);
        add(parts, side, "rear door pull", HANDLE, rearCard, HIDE, Supply.NO_LONGER_MADE);
        add(parts, side, "kick panel", KICK_PANEL, front, "board and vinyl", Supply.NO_LONGER_MADE);
        add(parts, side, "front carpet", CARPET, front, "moulded loop carpet", Supply.NO_LONGER_MADE);
        add(parts, side, "front underlay", UNDERLAY, front, "jute felt", Supply.STILL_MADE);
        add(parts, side, "rear carpet", CARPET, rear, "moulded loop carpet", Supply.NO_LONGER_MADE);
        add(parts, side, "rear underlay", UNDERLAY, rear, "jute felt", Supply.STILL_MADE);
        add(parts, side, "rear floor", SHELL, rear, "steel", Supply.NOT_KNOWN);
        add(parts, side, "centre pillar trim", PILLAR, sill, "vinyl on steel", Supply.NO_LONGER_MADE);
        add(parts, side, "rear pillar trim", PILLAR, Spot.SHELF, "wool cloth on board", Supply.NO_LONGER_MADE);
    }

    private static void middle(List<Part> parts) {
        add(parts, MIDDLE, "battery", BATTERY, Spot.BULKHEAD, "", Supply.STILL_MADE);
        add(parts, MIDDLE, "bulkhead trim", PartKind.BULKHEAD, Spot.BULKHEAD, "board", Supply.NO_LONGER_MADE);
        add(parts, MIDDLE, "dash", PartKind.DASH, Spot.DASH, "painted steel", Supply.NO_LONGER_MADE);
        add(parts, MIDDLE, "padded roll", PAD, Spot.DASH, HIDE + " over foam", Supply.NO_LONGER_MADE);
        add(parts, MIDDLE, "dash switches", SWITCHGEAR, Spot.DASH, "", Supply.NOT_KNOWN);
        add(parts, MIDDLE, "glove box lid", BOARD, Spot.DASH, "painted steel", Supply.NO_LONGER_MADE);
        add(parts, MIDDLE, "console", CONSOLE, Spot.TUNNEL, "moulded plastic", Supply.NO_LONGER_MADE);
        add(parts, MIDDLE, "tunnel carpet", CARPET, Spot.TUNNEL, "loop carpet", Supply.STILL_MADE);
        add(parts, MIDDLE, "cross-member", SHELL, Spot.FLOOR_FRONT_LEFT, "steel", Supply.NOT_KNOWN);
        add(parts, MIDDLE, "rear cushion", PartKind.REAR_SEAT, Spot.REAR_SEAT, HIDE, Supply.NOT_KNOWN);
        add(parts, MIDDLE, "rear backrest", PartKind.REAR_SEAT, Spot.REAR_SEAT, HIDE, Supply.NOT_KNOWN);
        add(parts, MIDDLE, "parcel shelf", PartKind.SHELF, Spot.SHELF, "wool cloth on board", Supply.NO_LONGER_MADE);
        add(parts, MIDDLE, "headlining", PartKind.HEADLINING, Spot.HEADLINING, "wool cloth on bows", Supply.STILL_MADE);
    }

    private static void add(
            List<Part> parts, Side side, String name, PartKind kind, Spot spot, String material, Supply supply) {
        var whole = side == MIDDLE ? name : side.word() + " " + name;
        parts.add(new Part(id(whole), whole, kind, side, spot, material, supply));
    }
}
