package welumen.schedule;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something that is done in one go: begun in open hours, it runs on over closed ones without counting them, and holds what it
 * uses from its start to its end.
 *
 * @param uses how many of which resources, each at least one
 * @param notBefore where it cannot start earlier
 */
public record Activity(
        String id, Effort effort, Map<String, Integer> uses, List<Link> after, Optional<LocalDateTime> notBefore) {
    public Activity {
        uses = Map.copyOf(uses);
        after = List.copyOf(after);
        if (uses.values().stream().anyMatch(amount -> amount < 1))
            throw new IllegalArgumentException("[%s] uses less than one of something.".formatted(id));
    }

    public Activity(String id, Effort effort, Map<String, Integer> uses, List<Link> after) {
        this(id, effort, uses, after, Optional.empty());
    }
}
