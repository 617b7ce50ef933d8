package welumen.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Waits for the first frame. */
final class Painted {
    private Painted() {}

    /** What is asked for in the second pulse comes after that pulse has waited for the first frame to be painted. */
    static void sayAndEnd() {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (++pulses < 2) return;
                stop();
                Platform.runLater(() -> {
                    System.out.println("painted");
                    System.out.flush();
                    System.exit(0);
                });
            }
        }.start();
    }
}
