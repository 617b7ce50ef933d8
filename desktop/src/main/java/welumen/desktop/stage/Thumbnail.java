package welumen.desktop.stage;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.text.TextAlignment;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;

/** The first of some photos, small; read off the window's thread. */
public final class Thumbnail {
    private static final double WIDTH = 76;
    private static final double HEIGHT = 56;

    private Thumbnail() {}

    public static StackPane of(JobModel model, List<String> photos) {
        var frame = new StackPane();
        frame.getStyleClass().add("photo");
        frame.setMinSize(WIDTH, HEIGHT);
        frame.setMaxSize(WIDTH, HEIGHT);
        if (photos.isEmpty()) {
            var none = Nodes.label("no photo", Styles.ON_FELT_FAINT);
            none.setTextAlignment(TextAlignment.CENTER);
            none.setMaxWidth(WIDTH);
            none.setAlignment(Pos.CENTER);
            frame.setMinHeight(Region.USE_PREF_SIZE);
            frame.setPrefSize(WIDTH, Region.USE_COMPUTED_SIZE);
            frame.setMaxHeight(Region.USE_PREF_SIZE);
            var least = new Region();
            least.setMinHeight(HEIGHT);
            frame.getChildren().addAll(least, none);
            return frame;
        }
        var view = new ImageView(
                new Image(model.photos().thumbnail(photos.getFirst()), 2 * WIDTH, 2 * HEIGHT, true, true, true));
        view.setPreserveRatio(true);
        view.setFitWidth(WIDTH);
        view.setFitHeight(HEIGHT);
        frame.getChildren().add(view);
        if (photos.size() > 1) frame.getChildren().add(Nodes.whole("+" + (photos.size() - 1), "photo-count"));
        return frame;
    }
}
