package welumen.doubt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The guesses that nobody has confirmed yet, in the order in which they were made. */
public record Doubts(List<Guess> open) {
    public static final Doubts NONE = new Doubts(List.of());

    public Doubts {
        open = List.copyOf(open);
    }

    public Doubts after(DoubtChange change) {
        return switch (change) {
            case DoubtChange.Guessed(var guesses) -> {
                var more = new ArrayList<>(open);
                for (var guess : guesses) if (!more.contains(guess)) more.add(guess);
                yield new Doubts(more);
            }
            case DoubtChange.Confirmed(var guesses) ->
                new Doubts(
                        open.stream().filter(guess -> !guesses.contains(guess)).toList());
        };
    }

    /** Something was seen for itself, so that it is no guess any more. */
    public Doubts seen(Guess.Kind kind, String about) {
        return find(kind, about).isEmpty()
                ? this
                : new Doubts(open.stream()
                        .filter(guess -> guess.kind() != kind || !guess.about().equals(about))
                        .toList());
    }

    public Optional<Guess> find(Guess.Kind kind, String about) {
        return open.stream()
                .filter(guess -> guess.kind() == kind && guess.about().equals(about))
                .findFirst();
    }

    /** All that is guessed of one part or piece. */
    public List<Guess> about(String name) {
        return open.stream().filter(guess -> guess.about().equals(name)).toList();
    }
}
