package welumen.files.json;

/** A file from outside is not what it should be. The message names the place and what is wrong there. */
public final class BadFile extends Exception {
    private static final long serialVersionUID = 1L;

    public BadFile(String message) {
        super(message);
    }
}
