package welumen.desktop.stage;

import welumen.desktop.model.JobModel;

/** A view that cannot show one thing says so, and takes nothing else of the window with it. */
final class Showing {
    private Showing() {}

    /** @param what is shown, as “the leaf Seams” */
    static void safely(JobModel model, String what, Runnable show) {
        try {
            show.run();
        } catch (RuntimeException fault) { // whatever a log holds
            model.say("%s cannot show all of this car (%s). Nothing is lost; what else there is can be worked on."
                    .formatted(what, fault.getMessage()));
        }
    }
}
