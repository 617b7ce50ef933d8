package welumen.desktop.look;

import java.util.Objects;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/**
 * Words that appear beside the mouse once it rests on something. A window has one tooltip for all its nodes: one for each is
 * styled anew whenever the mouse crosses its node, and that took a quarter of the window's thread.
 */
public final class Tips {
    private static final Object WORDS = Tips.class;
    private static final Duration RESTS = Duration.millis(700);
    private static final Duration READ = Duration.seconds(8);
    private static final double RIGHT = 12;
    private static final double BELOW = 18;

    private final Scene scene;
    private final Tooltip tip = new Tooltip();
    private final PauseTransition rests = new PauseTransition(RESTS);
    private final PauseTransition read = new PauseTransition(READ);
    private @Nullable Node under;
    private double x;
    private double y;

    private Tips(Scene scene) {
        this.scene = scene;
        rests.setOnFinished(_ -> show());
        read.setOnFinished(_ -> tip.hide());
        scene.addEventFilter(MouseEvent.MOUSE_MOVED, this::moved);
        scene.addEventFilter(MouseEvent.MOUSE_EXITED, _ -> end());
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, _ -> end());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, _ -> end());
    }

    /** In that window, whatever comes to lie in it; once is enough. */
    static void in(Scene scene) {
        scene.getProperties().computeIfAbsent(WORDS, _ -> new Tips(scene));
    }

    /** What is said of a node, and of all within it that says nothing itself. */
    public static void on(Node node, String words) {
        node.getProperties().put(WORDS, words);
    }

    /** What is said where the mouse rests on this; empty where nothing is. */
    private static Optional<String> of(@Nullable Node node) {
        return bearer(node)
                .map(bearer -> Objects.requireNonNull(bearer.getProperties().get(WORDS))
                        .toString());
    }

    private static Optional<Node> bearer(@Nullable Node node) {
        var bearer = node;
        while (bearer != null
                && !(bearer.hasProperties() && bearer.getProperties().containsKey(WORDS))) bearer = bearer.getParent();
        return Optional.ofNullable(bearer);
    }

    private void moved(MouseEvent mouse) {
        x = mouse.getScreenX();
        y = mouse.getScreenY();
        var bearer = bearer(mouse.getPickResult().getIntersectedNode()).orElse(null);
        if (bearer == under) return;
        end();
        under = bearer;
        if (bearer != null) rests.playFromStart();
    }

    private void show() {
        if (under == null || under.getScene() != scene || scene.getWindow() == null) return;
        tip.setText(of(under).orElse(""));
        tip.show(scene.getWindow(), x + RIGHT, y + BELOW);
        read.playFromStart();
    }

    private void end() {
        rests.stop();
        read.stop();
        tip.hide();
        under = null;
    }
}
