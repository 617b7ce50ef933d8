package welumen.survey;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.strip.reach.UsualRules;

/**
 * What lies under a part: the floor under the carpet, the shield behind the door card, foam and frame under a cover. It
 * is looked at before the part is planned, since new trim over an old cause is trim twice made.
 */
public final class Beneath {
    private Beneath() {}

    /** The layers under a part, the nearest first. */
    public static List<Part> of(Cabin cabin, PartId part) {
        var rules = UsualRules.of(cabin);
        var under = new LinkedHashSet<PartId>();
        var next = new ArrayList<>(List.of(part));
        while (!next.isEmpty()) {
            var above = next.removeFirst();
            for (var rule : rules)
                if (rule.byAnyOf().contains(above) && isLayer(cabin.one(rule.part())) && under.add(rule.part()))
                    next.add(rule.part());
        }
        return under.stream().map(cabin::one).toList();
    }

    /** Those of them that nobody has looked at. */
    public static List<Part> unseen(Cabin cabin, Survey survey, PartId part) {
        return of(cabin, part).stream()
                .filter(layer -> !survey.looked().contains(layer.id()))
                .toList();
    }

    private static boolean isLayer(Part part) {
        return switch (part.kind()) {
            case SHELL, UNDERLAY, FOAM, FRAME, SHIELD, BULKHEAD -> true;
            default -> false;
        };
    }
}
