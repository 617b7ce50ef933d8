package welumen.treatment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.survey.Finding;
import welumen.survey.Survey;

/**
 * Where an airbag, a belt or a pretensioner is in a part or near it, nothing is sewn, glued, filled, coated or wrapped
 * before somebody qualified has answered, by name: a cover that does not tear where it should kills.
 */
public final class Deployment {
    private static final Pattern SAID =
            Pattern.compile("(?i)\\b(air ?-?bags?|deploy\\w*|tear seams?|pretension\\w*|(seat ?)?belts?|srs)\\b");

    private Deployment() {}

    /**
     * Why each part on which nothing may be done is guarded, as it stands now.
     *
     * @param hasAirbags whether the car has airbags or pretensioners at all
     */
    public static Map<PartId, String> guarded(Cabin cabin, Survey survey, boolean hasAirbags) {
        var guarded = new TreeMap<PartId, String>();
        for (var part : cabin.parts()) {
            var why = why(part, survey.on(part.id()), hasAirbags);
            if (why.isEmpty()) continue;
            var answer = survey.answers().get(part.id());
            if (answer == null) guarded.put(part.id(), why.get());
            else if (!answer.mayBeWorked())
                guarded.put(part.id(), "%s has said that it is not to be touched".formatted(answer.by()));
        }
        return guarded;
    }

    /** Whether somebody qualified is to be asked about it, whatever has been answered. */
    public static Optional<String> why(Part part, List<Finding> findings, boolean hasAirbags) {
        if (SAID.matcher(part.name()).find() || SAID.matcher(part.material()).find())
            return Optional.of("it is, or has, what holds lives");
        if (hasAirbags && mayHold(part)) return Optional.of("this car has airbags, and one may be in it or behind it");
        return findings.stream()
                .filter(finding -> SAID.matcher(finding.note()).find())
                .findFirst()
                .map(finding ->
                        "its %s is noted as “%s”".formatted(finding.kind().word(), finding.note()));
    }

    /** The kinds of part in which airbags and pretensioners sit, or through which they come. */
    private static boolean mayHold(Part part) {
        return switch (part.kind()) {
            case SEAT, REAR_SEAT, RUNNERS, COVER, BELT, WHEEL, COWL, DASH, PAD, FASCIA, PILLAR, RAIL, HEADLINING ->
                true;
            default -> false;
        };
    }

    /** Why these may not be done; empty where they may, or nothing guards the part. */
    public static Optional<String> stands(@Nullable String guard, List<Treatment> treatments) {
        return treatments.stream().allMatch(Deployment::leavesItWhole) ? Optional.empty() : Optional.ofNullable(guard);
    }

    /** What may be done with a guarded part all the same: nothing that changes how it tears. */
    static boolean leavesItWhole(Treatment treatment) {
        return switch (treatment) {
            case LEAVE, CLEAN, BUY_REPRODUCTION, SEND_OUT -> true;
            case REFIX,
                    RESTITCH,
                    FILL_AND_RECOLOUR,
                    REPAIR_BOARD,
                    REFINISH,
                    LET_IN_PANEL,
                    RECOVER,
                    NEW_FOAM,
                    BUY_USED,
                    MAKE_NEW -> false;
        };
    }
}
