package welumen.treatment.whole;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.treatment.Matter;
import welumen.treatment.Treatment;

/** New material for parts of one matter is ordered together, so that it is of one dye lot. */
public final class DyeLots {
    /** What is cut away beside the pieces, and kept for a repair. */
    private static final double WASTE = 1.3;

    /** @param squareMetres to order, with waste */
    public record Lot(Matter matter, List<PartId> parts, double squareMetres) {
        public Lot {
            parts = List.copyOf(parts);
        }
    }

    private DyeLots() {}

    /** Lots that serve more than one part, in the order of the matters. */
    public static List<Lot> of(Cabin cabin, WholePlan plan) {
        var lots = new EnumMap<Matter, List<PartId>>(Matter.class);
        for (var chosen : plan.chosen())
            if (chosen.candidate().steps().stream().anyMatch(DyeLots::wantsMaterial))
                lots.computeIfAbsent(Matter.of(cabin.one(chosen.part())), _ -> new ArrayList<>())
                        .add(chosen.part());
        return lots.entrySet().stream()
                .filter(lot -> lot.getValue().size() > 1)
                .map(lot -> new Lot(lot.getKey(), lot.getValue(), area(cabin, lot.getValue())))
                .toList();
    }

    private static boolean wantsMaterial(Treatment step) {
        return step == Treatment.RECOVER || step == Treatment.LET_IN_PANEL || step == Treatment.MAKE_NEW;
    }

    private static double area(Cabin cabin, List<PartId> parts) {
        return WASTE
                * parts.stream()
                        .mapToDouble(part -> cabin.one(part).kind().outline().area() / 1e6)
                        .sum();
    }
}
