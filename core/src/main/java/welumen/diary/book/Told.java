package welumen.diary.book;

import java.time.LocalDateTime;
import java.util.Map;

/**
 * A plan as it was told to somebody.
 *
 * @param starts of the tasks, by their ids
 * @param whom may be empty
 */
public record Told(Map<String, LocalDateTime> starts, LocalDateTime end, String whom) {
    public Told {
        starts = Map.copyOf(starts);
    }
}
