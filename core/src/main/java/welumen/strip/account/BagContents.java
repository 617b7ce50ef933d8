package welumen.strip.account;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.Bag;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingLot;

/**
 * What is in one bag.
 *
 * @param lots in the order in which they went in
 */
public record BagContents(int number, List<Inside> lots) {
    /** Fixings of one part. */
    public record Inside(PartId part, FixingLot lot) {}

    public BagContents {
        lots = List.copyOf(lots);
    }

    public static BagContents of(StripLog log, int number) {
        var inside = new ArrayList<Inside>();
        for (var step : log.steps())
            if (step.bag().equals(new Bag.Numbered(number)))
                for (var lot : step.fixings()) if (lot.condition().cameOut()) inside.add(new Inside(step.part(), lot));
        return new BagContents(number, inside);
    }

    /**
     * Lots that are easily taken for each other: of one kind, but not of one size. Each says where it belongs, for a bolt
     * that is too long goes through what lies behind.
     */
    public List<Inside> easilyMixed() {
        return lots.stream()
                .filter(one -> lots.stream()
                        .anyMatch(other -> other.lot().kind() == one.lot().kind()
                                && !other.lot().size().equals(one.lot().size())))
                .toList();
    }

    public int count() {
        return lots.stream().mapToInt(inside -> inside.lot().count()).sum();
    }
}
