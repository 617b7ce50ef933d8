package welumen.desktop;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Dimension2D;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.util.Duration;
import welumen.desktop.frame.Frame;
import welumen.desktop.look.FirstFrame;
import welumen.desktop.look.Look;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.Devices;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OpenedWorkshop;
import welumen.measure.Because;
import welumen.measure.Lengths;

/** One window on one open workshop. */
public final class WelumenWindow {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final JobModel model;
    private final Frame frame;
    private final Scene scene;

    public WelumenWindow(OpenedWorkshop workshop, String author, Devices devices) {
        this(workshop, author, devices, new Dimension2D(WIDTH, HEIGHT));
    }

    /** A window of another size, in pixels. */
    public WelumenWindow(OpenedWorkshop workshop, String author, Devices devices, Dimension2D size) {
        model = new JobModel(workshop, author, devices);
        model.yard().yardProperty().subscribe(yard -> Lengths.in(yard.counting().lengths()));
        frame = new Frame(model, Stages::of);
        scene = new Scene(frame, size.getWidth(), size.getHeight());
        Look.dress(scene, false);
    }

    public JobModel model() {
        return model;
    }

    public Scene scene() {
        return scene;
    }

    /** Adds at once what {@link #showOn} adds only after the answer has been painted. */
    void fillIn() {
        frame.fillIn();
    }

    /** Turns to the open stage's next leaf. */
    public void turnLeaf() {
        frame.turnLeaf(1);
    }

    /** What stands on the open leaf's tab; empty where the open stage has none. */
    public String leafWord() {
        return frame.leafWord();
    }

    /** How many leaves the open stage has now. */
    public int leafCount() {
        return frame.leafCount();
    }

    /** The workshop's jobs in their order; nothing happens where there are fewer. */
    void openJob(int number) {
        var jobs = model.yard().state().garage().all();
        if (number < jobs.size()
                && !jobs.get(number).equals(model.openedProperty().get())) model.open(jobs.get(number));
    }

    void openLargeCabin() {
        frame.openLarge();
    }

    void look(boolean evening, int percent) {
        Look.evening(scene, evening);
        Look.scale(scene, percent);
    }

    /** Shows it on a stage of the toolkit, the answer first, and lets the clocks tick. */
    public void showOn(Stage stage) {
        showOn(stage, Painted.NOBODY_ASKS);
    }

    /** Shows it, and tells how far its painting is. */
    public void showOn(Stage stage, Painted painted) {
        stage.setTitle("Welumen · " + model.workshopName());
        stage.setMinWidth(1024);
        stage.setMinHeight(700);
        var wide = stage.getWidth();
        var high = stage.getHeight();
        stage.setScene(scene);
        if (stage.isShowing()) { // whoever made it larger at the door wants it so
            stage.setWidth(wide);
            stage.setHeight(high);
        }
        var ticking = new Timeline(new KeyFrame(Duration.seconds(1), _ -> model.tick()));
        ticking.setCycleCount(Animation.INDEFINITE);
        ticking.play();
        stage.setOnHidden(_ -> {
            ticking.stop();
            model.close();
        });
        stage.show();
        FirstFrame.then(frame::prepare, () -> {
            painted.answer();
            frame.fillIn();
            FirstFrame.then(() -> {
                model.listen(
                        task -> model.background()
                                .ask(
                                        "reading the other cars",
                                        Takes.A_WHILE,
                                        _ -> {
                                            task.run();
                                            return true;
                                        },
                                        _ -> {},
                                        fault -> model.say(Because.of(fault))),
                        Platform::runLater);
                painted.whole();
            });
        });
    }
}
