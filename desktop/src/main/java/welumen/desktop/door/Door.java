package welumen.desktop.door;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import welumen.desktop.look.Look;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;
import welumen.measure.Because;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;
import welumen.yard.Beginning;

/** The window before there is a workshop: it asks for one of two, then what was chosen is shown in the same window. */
public final class Door {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    /**
     * Where things are kept.
     *
     * @param asked the folder in which a workshop is to be begun; empty where nobody has said
     */
    public record Places(Path workshops, Path demo, Optional<Path> asked) {}

    /**
     * What was chosen.
     *
     * @param person who works there; empty where nobody has said
     */
    public record Chosen(Path folder, boolean isDemo, Optional<String> person) {}

    /** Opens what was chosen and shows it on the stage; called beside the window's thread. */
    public interface Entering {
        void enter(Stage stage, Chosen chosen);
    }

    private interface Choice {
        Chosen make();
    }

    private final Stage stage;
    private final Places places;
    private final Clock clock;
    private final Entering entering;
    private final DoorView view;

    public Door(Stage stage, Places places, Clock clock, Entering entering) {
        this.stage = stage;
        this.places = places;
        this.clock = clock;
        this.entering = entering;
        view = new DoorView(
                new DoorView.Ways(
                        places.workshops(),
                        () -> beside(this::demo),
                        (folder, beginning) -> beside(() -> begin(folder, beginning))),
                places.asked().map(Path::toString).orElse(""));
    }

    public void show() {
        var scene = new Scene(view, WIDTH, HEIGHT);
        Look.dress(scene, false);
        stage.setTitle("Welumen");
        stage.setMinWidth(1024);
        stage.setMinHeight(700);
        stage.setScene(scene);
        stage.show();
        view.begins();
    }

    private Chosen begin(Path folder, Beginning beginning) {
        WorkshopFolder.begin(folder, beginning, clock);
        return new Chosen(folder, false, beginning.people().stream().findFirst());
    }

    private Chosen demo() {
        DemoWorkshop.fillIfNew(places.demo().toAbsolutePath(), DemoDay.USUAL);
        return new Chosen(places.demo(), true, Optional.of(DemoWorkshop.PERSON));
    }

    /** What takes a while is done beside; where it cannot be done, the door says why and stays open. */
    private void beside(Choice choice) {
        view.setDisable(true);
        Thread.ofPlatform().daemon().name("at the door").start(() -> {
            try {
                entering.enter(stage, choice.make());
            } catch (StoreException fault) {
                Platform.runLater(() -> view.refuse(Because.of(fault)));
            }
        });
    }
}
