package welumen.journal;

/** The journal's store could not be read or written. The message is fit to be shown: what, where, what to do. */
public final class StoreException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public StoreException(String message) {
        super(message);
    }

    public StoreException(String message, Throwable cause) {
        super(message, cause);
    }
}
