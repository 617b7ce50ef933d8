package welumen.job;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.doubt.Guess;
import welumen.measure.Lengths;
import welumen.strip.reach.UsualRules;

/** Says a guess in full, so that it can be held against the car. */
public final class GuessWords {
    private static final double MM2_PER_M2 = 1e6;

    private GuessWords() {}

    /** The part or the piece that it is about. */
    public static String about(Guess guess, Job job) {
        if (guess.kind() == Guess.Kind.PIECE)
            return job.patterns()
                    .findOne(guess.about())
                    .map(piece -> piece.name() + ", of the " + name(job, piece.part()))
                    .orElse(guess.about());
        return name(job, new PartId(guess.about()));
    }

    /** What is guessed of it. */
    public static String says(Guess guess, Job job) {
        return switch (guess.kind()) {
            case PLACES ->
                "held by "
                        + job.strip().placesOf(new PartId(guess.about())).stream()
                                .map(places -> "%d %s%s%s"
                                        .formatted(
                                                places.count(),
                                                places.kind().word(places.count()),
                                                places.size().isEmpty() ? "" : " " + places.size(),
                                                places.where().isEmpty() ? "" : ", " + places.where()))
                                .collect(Collectors.joining("; "));
            case HOLDERS -> holders(new PartId(guess.about()), job);
            case LAPS ->
                job.strip().laps().stream()
                        .filter(lap -> lap.over().value().equals(guess.about()))
                        .map(lap -> "laps the %s by %s".formatted(name(job, lap.under()), Lengths.near(lap.byMm())))
                        .collect(Collectors.joining("; "));
            case PIECE ->
                job.patterns()
                        .findOne(guess.about())
                        .map(piece -> String.format(
                                Locale.ROOT,
                                "%s, %.2f m², %d edges; not cut before it was held against this car",
                                piece.material(),
                                piece.net().area() / MM2_PER_M2,
                                piece.edges().size()))
                        .orElse("");
        };
    }

    private static String holders(PartId part, Job job) {
        var usual = job.cabin()
                .findOne(part)
                .map((Part one) -> UsualRules.holding(job.cabin(), one))
                .orElse(List.of());
        return job.strip().rules().stream()
                .filter(rule -> rule.part().equals(part) && !usual.contains(rule))
                .map(rule -> rule.reason().verb() + " the "
                        + rule.byAnyOf().stream().map(by -> name(job, by)).collect(Collectors.joining(" or the ")))
                .collect(Collectors.joining("; "));
    }

    private static String name(Job job, PartId part) {
        return job.cabin().findOne(part).map(Part::name).orElse(part.value());
    }
}
