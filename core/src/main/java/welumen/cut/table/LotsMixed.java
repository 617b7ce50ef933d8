package welumen.cut.table;

import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.judge.Lies;

/**
 * A material whose pieces come from more than one dye lot.
 *
 * @param most the lot of which most comes
 * @param others the pieces of other lots
 */
public record LotsMixed(String material, String most, List<String> others) {
    /** Those of a plan; what lies on a stock of no said lot counts for a lot of its own. */
    public static List<LotsMixed> of(Laid laid) {
        return laid.problem().pieces().stream()
                .map(CutPiece::material)
                .distinct()
                .flatMap(material -> of(laid, material).stream())
                .toList();
    }

    private static List<LotsMixed> of(Laid laid, String material) {
        var byLot = laid.plan().placements().stream()
                .map(placement -> Lies.of(laid.problem(), placement))
                .filter(lies -> lies.piece().material().equals(material))
                .collect(Collectors.groupingBy(lies -> lies.stock().lot().dye(), TreeMap::new, Collectors.toList()));
        if (byLot.size() < 2) return List.of();
        var most = byLot.entrySet().stream()
                .max((one, other) -> Double.compare(area(one.getValue()), area(other.getValue())))
                .orElseThrow()
                .getKey();
        byLot.remove(most);
        var others = byLot.values().stream()
                .flatMap(List::stream)
                .map(lies -> lies.piece().id())
                .distinct()
                .toList();
        return List.of(new LotsMixed(material, most, others));
    }

    private static double area(List<Lies> lying) {
        return lying.stream().mapToDouble(lies -> lies.shape().area()).sum();
    }

    public String words() {
        return "The %s comes from more than one dye lot: most from %s, but %s. Put there what is not seen beside the rest, or get one more of that lot."
                .formatted(
                        material,
                        most.isEmpty() ? "stock whose lot nobody has said" : "lot " + most,
                        String.join(", ", others).replace('-', ' '));
    }
}
