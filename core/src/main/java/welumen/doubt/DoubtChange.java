package welumen.doubt;

import java.util.List;

/** What happens to guesses. */
public sealed interface DoubtChange {
    /** What was taken over from an earlier car in the same action is a guess. */
    record Guessed(List<Guess> guesses) implements DoubtChange {
        public Guessed {
            guesses = List.copyOf(guesses);
        }
    }

    /** Somebody says that these are right, or has put them right. */
    record Confirmed(List<Guess> guesses) implements DoubtChange {
        public Confirmed {
            guesses = List.copyOf(guesses);
        }
    }
}
