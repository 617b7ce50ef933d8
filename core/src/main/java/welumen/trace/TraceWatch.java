package welumen.trace;

/** Somebody who waits for a trace. */
@FunctionalInterface
public interface TraceWatch {
    /**
     * Told between the steps of a trace.
     *
     * @param share how much of it is done, 0 to 1
     * @return false to end it there
     */
    boolean goesOn(double share);
}
