package welumen.desktop;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.util.Duration;
import welumen.desktop.frame.Frame;
import welumen.desktop.look.Look;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OpenedWorkshop;
import welumen.evidence.Camera;

/** One window on one open workshop. */
public final class WelumenWindow {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final JobModel model;
    private final Scene scene;

    public WelumenWindow(OpenedWorkshop workshop, String author, Camera camera) {
        model = new JobModel(workshop, author, camera);
        scene = new Scene(new Frame(model, Stages::of), WIDTH, HEIGHT);
        Look.dress(scene, false);
    }

    public JobModel model() {
        return model;
    }

    public Scene scene() {
        return scene;
    }

    /** Shows it on a stage of the toolkit, and lets the clocks tick. */
    public void showOn(Stage stage) {
        stage.setTitle("Welumen · " + model.workshop().name());
        stage.setMinWidth(1024);
        stage.setMinHeight(700);
        stage.setScene(scene);
        var ticking = new Timeline(new KeyFrame(Duration.seconds(1), _ -> model.tick()));
        ticking.setCycleCount(Animation.INDEFINITE);
        ticking.play();
        stage.setOnHidden(_ -> ticking.stop());
        stage.show();
    }
}
