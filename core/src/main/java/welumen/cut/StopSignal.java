package welumen.cut;

/** Whether somebody wants the search to end with the best it has. */
public interface StopSignal {
    /** For what takes a moment only, or must be whole. */
    StopSignal NEVER = () -> false;

    boolean stopRequested();
}
