package welumen.treatment.whole;

import java.util.EnumMap;
import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.treatment.Matter;
import welumen.treatment.PriceList;

/** New material for parts of one matter is ordered together, so that it is of one dye lot. */
public final class DyeLots {
    /** @param squareMetres to order, with waste */
    public record Lot(Matter matter, List<PartId> parts, double squareMetres) {
        public Lot {
            parts = List.copyOf(parts);
        }
    }

    private DyeLots() {}

    /** Lots that serve more than one part, in the order of the matters. */
    public static List<Lot> of(Cabin cabin, WholePlan plan) {
        var lots = new EnumMap<Matter, Lot>(Matter.class);
        for (var chosen : plan.chosen()) {
            var part = cabin.one(chosen.part());
            var takes = chosen.candidate().steps().stream()
                    .mapToDouble(step ->
                            PriceList.newMaterial(step, part.kind().outline().area() / 1e6))
                    .sum();
            if (takes > 0)
                lots.merge(Matter.of(part), new Lot(Matter.of(part), List.of(part.id()), takes), DyeLots::together);
        }
        return lots.values().stream().filter(lot -> lot.parts().size() > 1).toList();
    }

    private static Lot together(Lot one, Lot other) {
        return new Lot(
                one.matter(),
                Stream.concat(one.parts().stream(), other.parts().stream()).toList(),
                one.squareMetres() + other.squareMetres());
    }
}
