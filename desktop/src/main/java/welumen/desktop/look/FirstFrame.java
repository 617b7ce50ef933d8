package welumen.desktop.look;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Waits until the first frame has been painted. */
public final class FirstFrame {
    private FirstFrame() {}

    /** What is asked for in the second pulse runs after that pulse has waited for the first frame. */
    public static void then(Runnable action) {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (++pulses < 2) return;
                stop();
                Platform.runLater(action);
            }
        }.start();
    }
}
