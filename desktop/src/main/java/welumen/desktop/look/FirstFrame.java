package welumen.desktop.look;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Waits until the first frame has been painted. */
public final class FirstFrame {
    private FirstFrame() {}

    /** The action runs once the first frame has been painted. */
    public static void then(Runnable action) {
        then(() -> {}, action);
    }

    /**
     * What is asked for in the second pulse runs after that pulse has waited for the first frame.
     *
     * @param meanwhile runs while that frame is being painted, on the other core
     */
    public static void then(Runnable meanwhile, Runnable action) {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (++pulses < 2) {
                    Platform.runLater(meanwhile);
                    return;
                }
                stop();
                Platform.runLater(action);
            }
        }.start();
    }
}
