package welumen.bench;

import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.stage.Stage;
import welumen.desktop.WelumenWindow;
import welumen.files.workshop.WorkshopFolder;
import welumen.standins.camera.CameraStandin;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;

/** Opens the demo as the program does, until the first stage's answer is painted. Says {@code painted} and ends. */
final class FirstAnswer {
    private FirstAnswer() {}

    public static void main(String[] args) {
        var store = CompletableFuture.supplyAsync(() -> WorkshopFolder.open(Path.of(args[0])));
        Platform.startup(() -> {
            var stage = new Stage();
            new WelumenWindow(store.join(), DemoDay.clock(DemoDay.USUAL), DemoWorkshop.PERSON, new CameraStandin())
                    .showOn(stage);
            Painted.sayAndEnd();
        });
    }
}
