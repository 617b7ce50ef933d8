package welumen.journal;

/** Somebody else appended to a stream first. Nothing was written; fold what they wrote, and try again. */
public final class AnotherCameFirst extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public AnotherCameFirst(String message) {
        super(message);
    }
}
