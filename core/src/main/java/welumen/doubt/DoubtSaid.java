package welumen.doubt;

/** Says in a few words what a change of this room did. */
public final class DoubtSaid {
    private DoubtSaid() {}

    public static String of(DoubtChange change) {
        return switch (change) {
            case DoubtChange.Guessed(var guesses) -> "Guessed: " + guesses.size();
            case DoubtChange.Confirmed(var guesses) ->
                guesses.size() == 1
                        ? "Confirmed: %s, %s"
                                .formatted(
                                        guesses.getFirst().about().replace('-', ' '),
                                        guesses.getFirst().kind().word())
                        : "Confirmed: %d guesses".formatted(guesses.size());
        };
    }
}
