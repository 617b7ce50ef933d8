package welumen.desktop.stage;

import java.lang.System.Logger;
import java.lang.System.Logger.Level;
import welumen.desktop.model.JobModel;

/** A view that cannot show one thing says so, and takes nothing else of the window with it. */
final class Showing {
    /** Faults of ours, for those who look for them; a trimmer reads a sentence. */
    private static final Logger LOG = System.getLogger(Showing.class.getName());

    private Showing() {}

    /** @param what is shown, as “the leaf Seams” */
    static void safely(JobModel model, String what, Runnable show) {
        try {
            show.run();
        } catch (RuntimeException fault) { // whatever a log holds
            LOG.log(Level.DEBUG, what, fault);
            model.say("%s cannot show all of this car%s. Nothing is lost; what else there is can be worked on."
                    .formatted(what, fault.getMessage() == null ? "" : " (%s)".formatted(fault.getMessage())));
        }
    }
}
