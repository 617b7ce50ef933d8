package welumen.doubt;

/**
 * Something that an earlier car taught, and that this car may have otherwise.
 *
 * @param about the part, or the piece, that it is about, by its name within the job
 * @param from the car that taught it
 */
public record Guess(Kind kind, String about, String from) {
    /** What is guessed. */
    public enum Kind {
        HOLDERS("what holds it"),
        PLACES("where it is fixed"),
        LAPS("what it laps"),
        PIECE("its pattern");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Guess {
        if (about.isBlank() || from.isBlank())
            throw new IllegalArgumentException("A guess is about something, and comes from somewhere.");
    }
}
