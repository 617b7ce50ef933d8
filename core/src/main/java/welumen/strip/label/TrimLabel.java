package welumen.strip.label;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.Spot;
import welumen.strip.Bag;
import welumen.strip.StripLog;
import welumen.strip.account.BagContents;

/**
 * What stands on the label of a bag or a part.
 *
 * @param big what is read from two paces, “14” or the part's name
 * @param lines what is read close by: parts and fixings, the most important first
 * @param places the spots to mark in the little cabin
 */
public record TrimLabel(LabelCode code, String big, List<String> lines, List<Spot> places, String job) {
    public TrimLabel {
        lines = List.copyOf(lines);
        places = List.copyOf(places);
    }

    /** The label of a bag; empty where nothing is in it. */
    public static Optional<TrimLabel> ofBag(Cabin cabin, StripLog log, int number, UUID job, String title) {
        var bag = BagContents.of(log, number);
        if (bag.lots().isEmpty()) return Optional.empty();
        var parts = bag.lots().stream().map(BagContents.Inside::part).distinct().toList();
        var lines = parts.stream()
                .map(part -> cabin.one(part).title() + ": "
                        + bag.lots().stream()
                                .filter(inside -> inside.part().equals(part))
                                .map(inside -> inside.lot().said())
                                .collect(Collectors.joining("; ")))
                .toList();
        return Optional.of(new TrimLabel(
                new LabelCode.OfBag(LabelCode.mark(job), number),
                Integer.toString(number),
                lines,
                parts.stream().map(part -> cabin.one(part).spot()).distinct().toList(),
                title));
    }

    public static TrimLabel ofPart(Cabin cabin, StripLog log, PartId part, UUID job, String title) {
        var one = cabin.one(part);
        var bags = log.stepsOn(part).stream()
                .filter(step -> step.bag() instanceof Bag.Numbered)
                .map(step -> ((Bag.Numbered) step.bag()).number())
                .distinct()
                .map(number -> "Bag " + number)
                .toList();
        return new TrimLabel(
                new LabelCode.OfPart(LabelCode.mark(job), part),
                one.title(),
                bags.isEmpty() ? List.of(one.kind().word()) : List.of(String.join(", ", bags)),
                List.of(one.spot()),
                title);
    }
}
