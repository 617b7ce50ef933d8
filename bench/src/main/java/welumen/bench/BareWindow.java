package welumen.bench;

import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import welumen.desktop.look.FirstFrame;

/** The least that a JavaFX program can do: a window with a word in it. Says {@code painted} and ends. */
final class BareWindow {
    private BareWindow() {}

    public static void main(String[] args) {
        Platform.startup(() -> {
            var stage = new Stage();
            stage.setScene(new Scene(new Label("Welumen"), 1280, 800));
            stage.show();
            FirstFrame.then(() -> {
                System.out.println("answer painted");
                System.out.flush();
                System.exit(0);
            });
        });
    }
}
