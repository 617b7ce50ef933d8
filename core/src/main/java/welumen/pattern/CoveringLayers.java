package welumen.pattern;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.pattern.layer.Layers;
import welumen.pattern.piece.Piece;

/**
 * What somebody has said lies beneath the coverings.
 *
 * @param layers by part
 * @param outgrown the pieces that were drawn before the layers under them grew, and are no pattern any more
 */
public record CoveringLayers(Map<PartId, Layers> layers, Set<String> outgrown) {
    public static final CoveringLayers NOTHING = new CoveringLayers(Map.of(), Set.of());

    public CoveringLayers {
        layers = Map.copyOf(layers);
        outgrown = Set.copyOf(outgrown);
    }

    /** @param drawn the pieces that the part has */
    CoveringLayers with(PartId part, Layers said, List<Piece> drawn) {
        var all = new TreeMap<>(layers);
        all.put(part, said);
        var out = new TreeSet<>(outgrown);
        for (var piece : drawn)
            if (said.isNear()) out.remove(piece.id());
            else out.add(piece.id());
        return new CoveringLayers(all, out);
    }

    /** A piece that is drawn otherwise is drawn for what lies beneath now. */
    CoveringLayers redrawn(String piece) {
        if (!outgrown.contains(piece)) return this;
        var fewer = new TreeSet<>(outgrown);
        fewer.remove(piece);
        return new CoveringLayers(layers, fewer);
    }
}
