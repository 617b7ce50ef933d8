package welumen.desktop.look;

import java.util.List;
import java.util.Objects;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;

/** Puts Welumen's style sheet and fonts on a scene, in daylight or for the evening. */
public final class Look {
    private static final List<String> FONTS = List.of(
            "Lato-Regular.ttf",
            "Lato-Semibold.ttf",
            "Lato-Bold.ttf",
            "RobotoCondensed-Regular.ttf",
            "RobotoCondensed-Bold.ttf");

    private Look() {}

    public static void dress(Scene scene, boolean evening) {
        loadFonts();
        scene.getStylesheets()
                .setAll(Objects.requireNonNull(Look.class.getResource("/welumen/desktop/app.css"))
                        .toExternalForm());
        evening(scene, evening);
        Tips.in(scene);
    }

    /**
     * Reads the fonts and the style sheet and dresses a word in them, unseen: as much as the first answer needs. Called
     * while the workshop is still being read; without it the answer would wait for all that.
     */
    public static void prepare() {
        var scene = new Scene(new VBox(new Label("Welumen")));
        dress(scene, false);
        scene.getRoot().applyCss();
        scene.getRoot().layout();
    }

    public static void evening(Scene scene, boolean evening) {
        var classes = scene.getRoot().getStyleClass();
        classes.remove(Styles.EVENING);
        if (evening) classes.add(Styles.EVENING);
    }

    /** All text and spacing by so many per cent, 100 to 200. */
    public static void scale(Scene scene, int percent) {
        scene.getRoot().setStyle("-fx-font-size: %dpx".formatted(Math.round(14 * percent / 100.0)));
    }

    private static void loadFonts() {
        if (Font.getFamilies().contains("Roboto Condensed")) return;
        for (var file : FONTS)
            if (Font.loadFont(Look.class.getResourceAsStream("/welumen/files/fonts/" + file), 14) == null)
                throw new IllegalStateException(
                        "The font [%s] that ships with Welumen cannot be read.".formatted(file));
    }
}
