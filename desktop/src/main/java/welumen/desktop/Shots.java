package welumen.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Dimension2D;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.image.ImageView;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import welumen.cabin.PartId;
import welumen.desktop.door.DoorView;
import welumen.desktop.look.Look;
import welumen.desktop.look.Styles;
import welumen.desktop.model.Screen;
import welumen.job.WorkStage;
import welumen.journal.StoreException;

/** Writes every main view as a PNG, from the open workshop as it stands. JavaFX thread only. */
public final class Shots {
    /**
     * How the pictures look.
     *
     * @param percent size of the text, 100 to 200
     */
    public record Options(Path folder, Dimension2D size, boolean evening, int percent) {}

    /** Parts of the job that is being planned, on which the leaves are seen that the first job's seat does not have. */
    private static final List<String> PLANNED = List.of("left-kick-panel", "console");

    private Shots() {}

    /** @throws StoreException if the folder cannot be written */
    public static void write(WelumenWindow window, Options options) {
        var folder = options.folder();
        try {
            window.fillIn();
            window.look(options.evening(), options.percent());
            Files.createDirectories(folder);
            for (var stage : WorkStage.values()) {
                window.openJob(stage == WorkStage.SURVEY ? 1 : 0);
                partFor(stage, window);
                window.model().stageProperty().set(stage);
                var name = "%d-%s".formatted(stage.number(), stage.word().toLowerCase(Locale.ROOT));
                var done = new HashSet<String>();
                leaves(window, folder, name, done);
                if (stage != WorkStage.PATTERN) continue;
                window.openJob(2);
                for (var part : PLANNED) {
                    window.model().pickedProperty().set(new PartId(part));
                    leaves(window, folder, name, done);
                }
            }
            write(door(options), folder.resolve("door.png"));
            window.model().screenProperty().set(Screen.CARS);
            write(window.scene(), folder.resolve("cars.png"));
            window.model().screenProperty().set(Screen.YARD);
            leaves(window, folder, "yard", new HashSet<>());
            window.model().screenProperty().set(Screen.STAGE);
            window.openLargeCabin();
            write(window.scene(), folder.resolve("cabin.png"));
        } catch (IOException fault) {
            throw new StoreException(
                    "The pictures cannot be written to [%s]: %s.".formatted(folder, fault.getMessage()), fault);
        }
    }

    /** What a first start asks. */
    private static Scene door(Options options) {
        var ways = new DoorView.Ways(Path.of("workshops"), () -> {}, (_, _) -> {});
        var scene = new Scene(
                new DoorView(ways, ""),
                options.size().getWidth(),
                options.size().getHeight());
        Look.dress(scene, options.evening());
        Look.scale(scene, options.percent());
        return scene;
    }

    /** All leaves that have no picture yet, the first under the stage's own name. @param done the words of those that have one */
    private static void leaves(WelumenWindow window, Path folder, String name, Set<String> done) throws IOException {
        for (var leaf = 0; leaf < window.leafCount(); leaf++) {
            var word = window.leafWord().toLowerCase(Locale.ROOT).replace(' ', '-');
            var file = done.isEmpty() ? name + ".png" : "%s-%s.png".formatted(name, word);
            if (done.add(word)) write(window.scene(), folder.resolve(file));
            window.turnLeaf();
        }
    }

    /** The part that shows most on a stage. */
    private static void partFor(WorkStage stage, WelumenWindow window) {
        var part = new PartId(
                switch (stage) {
                    case SURVEY -> "right-front-carpet";
                    case PATTERN, CUT -> "left-front-seat";
                    case REFIT -> "right-sill-cover";
                    case INTAKE, STRIP, STORES, DIARY, HANDOVER -> "left-sill-cover";
                });
        if (window.model().job().cabin().findOne(part).isPresent())
            window.model().pickedProperty().set(part);
    }

    private static void write(Scene scene, Path file) throws IOException {
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        awaitWork(scene.getRoot());
        awaitPhotos(scene.getRoot());
        settle(scene.getRoot());
        var image = scene.snapshot(null);
        ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", file.toFile());
    }

    /** What is drawn once there is room for it wants its style, and may change the room again. */
    private static void settle(Parent root) {
        for (var round = 0; round < 4; round++) {
            root.applyCss();
            root.layout();
        }
    }

    /** What is worked out off this thread comes first, half a minute at the most. */
    private static void awaitWork(Parent root) {
        for (var tries = 0; tries < 600 && root.lookup("." + Styles.WORKING) != null; tries++) {
            var pause = new PauseTransition(Duration.millis(50));
            pause.setOnFinished(_ -> Platform.exitNestedEventLoop(pause, ""));
            pause.play();
            Platform.enterNestedEventLoop(pause);
            root.applyCss();
            root.layout();
        }
    }

    /** Thumbnails are read off this thread; a picture of the window waits for them. */
    private static void awaitPhotos(Parent root) {
        for (var node : root.lookupAll(".image-view"))
            if (node instanceof ImageView view
                    && view.getImage() != null
                    && view.getImage().getProgress() < 1) {
                var image = view.getImage();
                image.progressProperty().subscribe(progress -> {
                    if (progress.doubleValue() >= 1 && Platform.isNestedLoopRunning())
                        Platform.exitNestedEventLoop(image, "");
                });
                Platform.enterNestedEventLoop(image);
            }
    }
}
