package welumen.desktop.strip;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.desktop.look.Words;
import welumen.doubt.Guess;
import welumen.job.Job;
import welumen.strip.StripRule;
import welumen.strip.account.FixingLedger;
import welumen.strip.reach.Hold;
import welumen.strip.reach.Hold.ByFixings;
import welumen.strip.reach.Hold.ByPart;
import welumen.strip.reach.UsualRules;
import welumen.strip.reach.Versions;
import welumen.strip.reach.WhatHolds;

/** Says in words what holds a part and what to do about it. */
final class HoldWords {
    private final Job job;
    private final PartId part;
    private final List<ByFixings> fixings;
    private final List<ByPart> parts;

    HoldWords(Job job, PartId part) {
        this.job = job;
        this.part = part;
        var holds = WhatHolds.of(job.strip(), part);
        this.fixings = of(holds, ByFixings.class);
        this.parts = of(holds, ByPart.class);
    }

    String answer() {
        if (job.refit().isFitted(part)) {
            var back = "It is back in the car.";
            return fixings.isEmpty() && parts.isEmpty() ? back : back + " " + holding();
        }
        return holding();
    }

    private String holding() {
        if (job.strip().isOff(part)) return "It is off.";
        if (fixings.isEmpty() && parts.isEmpty())
            return job.strip().placesOf(part).isEmpty()
                    ? "Nothing that is known holds it."
                    : "All its known fixings are out; look for one more.";
        if (fixings.isEmpty())
            return Words.capital(names()) + (parts.size() == 1 ? " still holds it." : " still hold it.");
        var left = fixings.stream().mapToInt(ByFixings::left).sum();
        var kinds =
                fixings.stream().map(hold -> hold.places().kind()).distinct().toList();
        var what = kinds.size() == 1 ? kinds.getFirst().word(left) : "fixings";
        var where = fixings.size() == 1 ? " " + fixings.getFirst().places().where() : "";
        var said = "%s %s%s still %s it."
                .formatted(Words.count(left), what, where.stripTrailing(), left == 1 ? "holds" : "hold");
        return guess(Guess.Kind.PLACES).isEmpty()
                ? said
                : "Probably " + Character.toLowerCase(said.charAt(0)) + said.substring(1);
    }

    private Optional<Guess> guess(Guess.Kind kind) {
        return job.doubts().find(kind, part.value());
    }

    /** What is only known of another car looks like a guess. */
    private String asBefore() {
        return guess(Guess.Kind.PLACES)
                .or(() -> guess(Guess.Kind.HOLDERS))
                .map(guess -> " So it was on the %s; nobody has confirmed it on this car.".formatted(guess.from()))
                .orElse("");
    }

    String advice() {
        if (job.strip().isOff(part)) return stepNotes();
        var usual = parts.isEmpty()
                ? List.<StripRule>of()
                : UsualRules.holding(job.cabin(), job.cabin().one(part));
        var first = parts.isEmpty()
                ? ""
                : parts.stream()
                        .map(hold -> "It %s %s".formatted(verb(hold, usual), anyOf(hold)))
                        .collect(Collectors.joining("; ", "", ": take that off first. "));
        var places = job.strip().placesOf(part).stream()
                .mapToInt(place -> place.count())
                .sum();
        var left = fixings.stream().mapToInt(ByFixings::left).sum();
        return first
                + (places == 0
                        ? "No fixings are known yet."
                        : "%d of %d fixings are out.".formatted(places - left, places))
                + asBefore()
                + versions()
                + oneWay();
    }

    /** What is only usual for such a body is said with its doubt. */
    private String verb(ByPart hold, List<StripRule> usual) {
        var verb = hold.reason().verb();
        return usual.contains(new StripRule(part, hold.reason(), hold.byAnyOf()))
                ? verb.replaceFirst("^is ", "is usually ")
                : verb;
    }

    private String versions() {
        return Versions.open(
                        job.cabin(),
                        job.strip(),
                        part,
                        feature -> job.brief().has(feature).isPresent())
                .map(split -> split.wherePresent().isEmpty()
                        ? " Not every car has it: look for “%s”.".formatted(split.feature())
                        : " Two versions: with “%s” the %s comes off first, without it there is none; look."
                                .formatted(
                                        split.feature(),
                                        split.wherePresent().getFirst().name()))
                .orElse("");
    }

    /** What is destroyed in taking off is to be at hand before. */
    private String oneWay() {
        return fixings.stream()
                .filter(hold -> !hold.places().kind().usualRejoining().isEmpty())
                .map(hold -> " Taking off destroys %s: have %s at hand first."
                        .formatted(
                                Words.many(hold.left(), hold.places().kind().word()),
                                hold.places().kind().usualRejoining()))
                .collect(Collectors.joining());
    }

    private String stepNotes() {
        var rows = FixingLedger.of(job.strip(), part);
        var out = rows.stream().mapToInt(FixingLedger.Row::out).sum();
        var missing = rows.stream().mapToInt(FixingLedger.Row::shortBy).sum();
        return Words.many(out, "fixing") + " came out"
                + (missing == 0 ? "; all can go back." : "; %d short.".formatted(missing));
    }

    private String names() {
        return parts.stream().map(this::anyOf).distinct().collect(Collectors.joining(" and "));
    }

    private String anyOf(ByPart hold) {
        return hold.byAnyOf().stream()
                .map(by -> "the " + job.cabin().one(by).name())
                .collect(Collectors.joining(" or "));
    }

    private static <T extends Hold> List<T> of(List<Hold> holds, Class<T> kind) {
        return holds.stream().filter(kind::isInstance).map(kind::cast).toList();
    }
}
