package welumen.cabin.body;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;

/** Parts as they are being listed, each named by its side, its words and nothing else. */
final class Listing {
    private final List<Part> parts = new ArrayList<>();

    List<Part> parts() {
        return parts;
    }

    void add(Side side, String name, PartKind kind, Spot spot, String material) {
        var whole = whole(side, name);
        parts.add(new Part(PartId.named(whole), whole, kind, side, spot, material, Supply.NOT_KNOWN));
    }

    /** A part of the assembly that was named before, on the same side. */
    void addWithin(String assembly, Side side, String name, PartKind kind, String material) {
        var above = PartId.named(whole(side, assembly));
        var spot = parts.stream()
                .filter(part -> part.id().equals(above))
                .findFirst()
                .orElseThrow()
                .spot();
        add(side, name, kind, spot, material);
        parts.add(parts.removeLast().within(above));
    }

    /** The part just listed is only in cars that have this feature. */
    void onlyWhere(String feature) {
        parts.add(parts.removeLast().onlyWhere(feature));
    }

    private static String whole(Side side, String name) {
        return side == Side.MIDDLE ? name : side.word() + " " + name;
    }
}
