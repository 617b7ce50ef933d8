package welumen.journal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;

/** A store in memory that keeps its word: an append that expects another end is refused whole, and everybody hears of one. */
final class KeptEntries implements EntryStore {
    final Map<UUID, List<Entry<?>>> streams = new LinkedHashMap<>();
    private final List<Consumer<UUID>> listeners = new ArrayList<>();

    @Override
    @SuppressWarnings("unchecked")
    public <C> List<Entry<C>> entriesAfter(UUID stream, long after, Class<C> kind) {
        var all = (List<Entry<C>>) (List<?>) streams.getOrDefault(stream, List.of());
        return List.copyOf(all.subList((int) after, all.size()));
    }

    @Override
    public void append(List<Addition<?>> additions) {
        for (var addition : additions)
            if (addition.entry().sequence() != kept(addition.stream()).size() + 1L)
                throw new AnotherCameFirst("Log %s goes on.".formatted(addition.stream()));
        for (var addition : additions)
            streams.computeIfAbsent(addition.stream(), _ -> new ArrayList<>()).add(addition.entry());
        for (var listener : List.copyOf(listeners)) additions.forEach(addition -> listener.accept(addition.stream()));
    }

    List<Entry<?>> kept(UUID stream) {
        return streams.getOrDefault(stream, List.of());
    }

    void put(UUID stream, Entry<?> entry) {
        streams.computeIfAbsent(stream, _ -> new ArrayList<>()).add(entry);
    }

    @Override
    public Runnable hear(Consumer<UUID> listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }
}
