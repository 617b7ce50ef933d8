package welumen.desktop.look;

import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import org.kordamp.ikonli.feather.Feather;

/**
 * How near a felt is looked at, and where. The wheel goes nearer under the pen, the felt itself is drawn along by the pen, and
 * with the keyboard on it plus, minus and nought do the same; its buttons say so.
 */
public final class Zoom {
    private static final double STEP = 1.25;
    private static final double NEAREST = 24;
    /** Height in pixels of the band at the top that its buttons want. */
    public static final double BAND = 48;

    private final FeltPane felt;
    private final HBox buttons;
    private double factor = 1;
    private double x;
    private double y;
    private double fromX;
    private double fromY;

    Zoom(FeltPane felt) {
        this.felt = felt;
        var nearer = Nodes.icon(Feather.PLUS, "Nearer (+, or the wheel)", () -> by(STEP));
        nearer.setId(felt.getId() + "-nearer");
        var farther = Nodes.icon(Feather.MINUS, "Farther (−)", () -> by(1 / STEP));
        farther.setId(felt.getId() + "-farther");
        var whole = Nodes.button("Whole", "All of it again (0)", this::whole);
        whole.setId(felt.getId() + "-whole");
        buttons = Nodes.row(4, farther, nearer, whole);
        for (var button : buttons.getChildren()) {
            button.getStyleClass().add("on-felt-tool");
            button.setFocusTraversable(false); // the felt has the same keys
        }
        felt.setFocusTraversable(true);
        felt.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        felt.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        felt.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        felt.addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
    }

    /** The same drawing as near as it is looked at now. */
    public Chalk on(Chalk whole) {
        return new Chalk(whole.scale() * factor, whole.left() * factor + x, whole.base() * factor + y);
    }

    /** All of it again. */
    public void whole() {
        factor = 1;
        x = 0;
        y = 0;
        felt.redraw();
    }

    /** Lays its buttons on the felt. */
    void showOn(ObservableList<Node> drawn) {
        drawn.add(buttons);
        buttons.applyCss();
        buttons.relocate(felt.getWidth() - buttons.prefWidth(-1) - 8, 8);
    }

    private void by(double times) {
        by(times, felt.getWidth() / 2, felt.getHeight() / 2);
    }

    /** Nearer or farther, about a place that stays where it is. */
    private void by(double times, double overX, double overY) {
        var next = Math.clamp(factor * times, 1, NEAREST);
        x = overX - (overX - x) * next / factor;
        y = overY - (overY - y) * next / factor;
        factor = next;
        if (factor == 1) whole();
        felt.redraw();
    }

    private void scrolled(ScrollEvent wheel) {
        if (wheel.getDeltaY() == 0 || factor == 1 && wheel.getDeltaY() < 0) return; // then the page scrolls
        by(wheel.getDeltaY() > 0 ? STEP : 1 / STEP, wheel.getX(), wheel.getY());
        wheel.consume();
    }

    private void pressed(MouseEvent mouse) {
        fromX = mouse.getX() - x;
        fromY = mouse.getY() - y;
    }

    private void dragged(MouseEvent mouse) {
        if (mouse.getTarget() != felt || factor == 1) return;
        x = mouse.getX() - fromX;
        y = mouse.getY() - fromY;
        felt.redraw();
    }

    private void typed(KeyEvent key) {
        if (key.isShortcutDown() || key.isAltDown() || key.getTarget() != felt) return;
        if (key.getCode() == KeyCode.PLUS || key.getCode() == KeyCode.ADD || key.getCode() == KeyCode.EQUALS) by(STEP);
        else if (key.getCode() == KeyCode.MINUS || key.getCode() == KeyCode.SUBTRACT) by(1 / STEP);
        else if (key.getCode() == KeyCode.DIGIT0 || key.getCode() == KeyCode.NUMPAD0) whole();
        else return;
        key.consume();
    }
}
