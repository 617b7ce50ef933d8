package welumen.cut;

/** Whether somebody wants the search to end with the best it has. */
public interface StopSignal {
    boolean stopRequested();
}
