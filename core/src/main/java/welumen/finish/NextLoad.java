package welumen.finish;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.finish.load.Cans;
import welumen.finish.load.HardPiece;

/**
 * A load of a batch that is still to be sprayed, one colour, in its order: what hangs already keeps its number and stays together;
 * then what is here first, and of that what most waits for.
 *
 * @param number the same as long as it hangs
 */
public record NextLoad(int number, String colour, List<HardPiece> pieces, boolean isHung) {
    public NextLoad {
        pieces = List.copyOf(pieces);
    }

    /** @param holds pieces in a load, at least one */
    public static List<NextLoad> of(Batch batch, int holds) {
        var loads = hung(batch);
        var rest = batch.open().stream()
                .filter(piece -> !piece.isHeld() && batch.step(piece) != Batch.Step.HUNG)
                .sorted(Comparator.comparing(HardPiece::here).thenComparing(HardPiece.FIRST))
                .collect(Collectors.groupingBy(HardPiece::colour, TreeMap::new, Collectors.toList()));
        var number = batch.nextLoad();
        for (var colour : rest.entrySet())
            for (var from = 0; from < colour.getValue().size(); from += holds)
                loads.add(new NextLoad(
                        number++,
                        colour.getKey(),
                        colour.getValue()
                                .subList(from, Math.min(colour.getValue().size(), from + holds)),
                        false));
        return List.copyOf(loads);
    }

    private static List<NextLoad> hung(Batch batch) {
        var by = new TreeMap<Integer, List<HardPiece>>();
        for (var piece : batch.open())
            if (batch.step(piece) == Batch.Step.HUNG)
                by.computeIfAbsent(batch.loads().getOrDefault(piece.id(), 0), _ -> new ArrayList<>())
                        .add(piece);
        var loads = new ArrayList<NextLoad>();
        by.forEach((number, pieces) ->
                loads.add(new NextLoad(number, pieces.getFirst().colour(), pieces, true)));
        return loads;
    }

    /** From when all of it can be hung. */
    public LocalDateTime here() {
        return pieces.stream()
                .map(HardPiece::here)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    public List<String> ids() {
        return pieces.stream().map(HardPiece::id).toList();
    }

    /** How many cans each colour takes, in the order in which its loads are sprayed; none where nobody has said how. */
    public static SortedMap<String, Cans> cans(Batch batch, int holds) {
        var cans = new TreeMap<String, Cans>();
        batch.said()
                .ifPresent(how -> byColour(of(batch, holds))
                        .forEach((colour, loads) ->
                                cans.put(colour, Cans.ofLoads(loads, how.coats(), how.canSquareMetres()))));
        return cans;
    }

    private static Map<String, List<List<HardPiece>>> byColour(List<NextLoad> loads) {
        return loads.stream()
                .collect(Collectors.groupingBy(
                        NextLoad::colour, TreeMap::new, Collectors.mapping(NextLoad::pieces, Collectors.toList())));
    }
}
