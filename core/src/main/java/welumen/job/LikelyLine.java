package welumen.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.measure.Lengths;
import welumen.strip.StripRule;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingLot;
import welumen.strip.fixing.FixingPlaces;
import welumen.strip.line.StepText;
import welumen.strip.reach.Hold;
import welumen.strip.reach.OtherSide;
import welumen.strip.reach.UsualRules;
import welumen.strip.reach.WhatHolds;

/**
 * What is likely typed next of a part at the strip, so that it need only be confirmed: what usually holds it, where nobody has
 * said so of this car; what still holds it; how its fellow on the other side came off, what it laps and goes in before.
 *
 * @param line as it would be typed; {@link TypedLine} reads it
 * @param because where it is from: “usually”, “as the right sill cover”
 */
public record LikelyLine(String line, String because) {
    /** The likeliest first; none of a part that is off. */
    public static List<LikelyLine> of(Job job, Part part) {
        var strip = job.strip();
        if (strip.isOff(part.id()) || !part.kind().takesOff().isPositive()) return List.of();
        var likely = new ArrayList<LikelyLine>();
        left(job, part).ifPresent(likely::add);
        if (strip.foundOn(part.id()).isEmpty() || strip.stepsNow(part.id()).isEmpty())
            asTheOtherSide(job, part).ifPresent(likely::add);
        for (var rule : UsualRules.holding(job.cabin(), part))
            usually(job, rule).ifPresent(likely::add);
        OtherSide.of(job.cabin(), part).ifPresent(fellow -> {
            lapsOf(job, part, fellow).forEach(likely::add);
            ordersOf(job, part, fellow).forEach(likely::add);
        });
        return List.copyOf(likely);
    }

    /** The fixings that are known and not accounted for. */
    private static Optional<LikelyLine> left(Job job, Part part) {
        var left = WhatHolds.of(job.strip(), part.id()).stream()
                .filter(Hold.ByFixings.class::isInstance)
                .map(hold -> words((Hold.ByFixings) hold))
                .collect(Collectors.joining(", "));
        return left.isEmpty() ? Optional.empty() : Optional.of(new LikelyLine(left + bag(job), "what still holds it"));
    }

    private static String words(Hold.ByFixings hold) {
        FixingPlaces places = hold.places();
        return StepText.lot(
                new FixingLot(hold.left(), places.kind(), places.size(), "", places.where(), Condition.GOOD));
    }

    private static Optional<LikelyLine> asTheOtherSide(Job job, Part part) {
        return OtherSide.of(job.cabin(), part)
                .map(fellow -> new LikelyLine(asNew(job.strip().foundOn(fellow.id())), "as the " + fellow.name()))
                .filter(likely -> !likely.line().isEmpty())
                .map(likely -> new LikelyLine(likely.line() + bag(job), likely.because()));
    }

    /** The same fixings, whole: what broke, is missing or was never put in is so on the other side alone. */
    private static String asNew(List<FixingLot> lots) {
        return lots.stream()
                .filter(lot -> lot.condition() != Condition.NEVER_THERE)
                .map(lot ->
                        new FixingLot(lot.count(), lot.kind(), lot.size(), lot.colour(), lot.where(), Condition.GOOD))
                .map(StepText::lot)
                .collect(Collectors.joining(", "));
    }

    /** What the fellow laps, or is lapped by, on its own side, where nobody has said so of this side. */
    private static Stream<LikelyLine> lapsOf(Job job, Part part, Part fellow) {
        var laps = job.strip().laps();
        return laps.stream()
                .filter(lap -> lap.over().equals(fellow.id()) || lap.under().equals(fellow.id()))
                .flatMap(lap -> {
                    var isOver = lap.over().equals(fellow.id());
                    return here(job.cabin(), isOver ? lap.under() : lap.over())
                            .filter(other -> laps.stream()
                                    .noneMatch(one -> List.of(one.over(), one.under())
                                            .containsAll(List.of(part.id(), other.id()))))
                            .map(other -> new LikelyLine(
                                    "%s the %s by %s%s"
                                            .formatted(
                                                    isOver ? "laps" : "lapped by",
                                                    other.name(),
                                                    Lengths.field(lap.byMm()),
                                                    lap.tucked() ? " tucked in" : ""),
                                    "as the " + fellow.name()))
                            .stream();
                });
    }

    /** What the fellow goes in before or after, where nobody has said so of this side. */
    private static Stream<LikelyLine> ordersOf(Job job, Part part, Part fellow) {
        var noted = job.strip().bonds().refitNotes();
        return noted.stream()
                .filter(link -> link.first().equals(fellow.id()) || link.then().equals(fellow.id()))
                .flatMap(link -> {
                    var isFirst = link.first().equals(fellow.id());
                    return here(job.cabin(), isFirst ? link.then() : link.first())
                            .filter(other -> noted.stream()
                                    .noneMatch(one -> List.of(one.first(), one.then())
                                            .containsAll(List.of(part.id(), other.id()))))
                            .map(other -> new LikelyLine(
                                    "goes in %s the %s, which %s"
                                            .formatted(
                                                    isFirst ? "before" : "after",
                                                    other.name(),
                                                    link.reason().verb()),
                                    "as the " + fellow.name()))
                            .stream();
                });
    }

    /** The fellow of a part on this side; itself, where it is in the middle. */
    private static Optional<Part> here(Cabin cabin, PartId there) {
        var part = cabin.one(there);
        return part.side() == Side.MIDDLE ? Optional.of(part) : OtherSide.of(cabin, part);
    }

    private static String bag(Job job) {
        return ", bag " + job.strip().nextBag();
    }

    /** Where neither the car nor somebody's note says so yet, and what would hold it is still in. */
    private static Optional<LikelyLine> usually(Job job, StripRule rule) {
        var isNoted = job.strip().rules().stream()
                .anyMatch(noted -> noted.part().equals(rule.part())
                        && noted.reason() == rule.reason()
                        && noted.byAnyOf().stream().anyMatch(rule.byAnyOf()::contains));
        if (isNoted || rule.byAnyOf().stream().anyMatch(job.strip()::isOff)) return Optional.empty();
        return Optional.of(new LikelyLine(
                "%s %s".formatted(rule.reason().verb().replaceFirst("^is ", ""), names(job.cabin(), rule.byAnyOf())),
                "usually"));
    }

    private static String names(Cabin cabin, List<PartId> parts) {
        return parts.stream().map(part -> cabin.one(part).name()).collect(Collectors.joining(" or "));
    }
}
