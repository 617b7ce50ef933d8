package welumen.pattern;

/**
 * A piece may be cut all the same.
 *
 * @param against what spoke against it as it stood then, by its key; where that changes, it speaks again
 * @param because why, for whoever asks later
 * @param by who has said so
 */
public record CutAllowed(String piece, String against, String because, String by) {
    /** @throws IllegalArgumentException if no reason is given, or nobody named */
    public CutAllowed {
        if (because.isBlank() || by.isBlank())
            throw new IllegalArgumentException("Say why it may be cut all the same, and who says so.");
    }
}
