package welumen.desktop.stage;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Node;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.PhotoDesk;
import welumen.evidence.PhotoMark;
import welumen.shape.Point;

/** A photo as large as there is room for, with its marks over it. A stroke of the mouse is told in shares of the photo,
 * and so is Enter where the cross stands that the arrow keys move: a stroke that goes nowhere. */
public final class MarkedPhoto extends Pane {
    private static final double HEAD = 12;
    private static final double SIGHT = 14;
    /** By which one key moves the cross, in shares of the photo. */
    private static final double STEP = 0.02;

    private final PhotoDesk photos;
    private BiConsumer<Point, Point> stroke = (_, _) -> {};
    private final ImageView view = new ImageView();
    private List<PhotoMark> marks = List.of();
    private String hash = "";
    private Point from = new Point(0, 0);
    private Point cross = new Point(0.5, 0.5);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public MarkedPhoto(PhotoDesk photos) {
        this.photos = photos;
        setId("marked-photo");
        view.setPreserveRatio(true);
        setMinSize(0, 0);
        VBox.setVgrow(this, Priority.ALWAYS);
        widthProperty().subscribe(this::draw);
        heightProperty().subscribe(this::draw);
    }

    /** @param newHash of the photo; empty for none */
    public void show(String newHash, List<PhotoMark> newMarks) {
        marks = newMarks;
        if (!newHash.equals(hash)) {
            hash = newHash;
            view.setImage(null);
            if (!hash.isEmpty()) photos.upright(hash, image -> arrived(newHash, image));
        }
        draw();
    }

    /** Another may have been asked for meanwhile. */
    private void arrived(String which, BufferedImage image) {
        if (!which.equals(hash)) return;
        view.setImage(SwingFXUtils.toFXImage(image, null));
        draw();
    }

    /** Takes strokes from now on; without this it is only looked at. */
    public MarkedPhoto marked(BiConsumer<Point, Point> newStroke) {
        stroke = newStroke;
        setFocusTraversable(true);
        setAccessibleText("The photo; arrow keys move a cross, Enter marks there");
        focusedProperty().subscribe(this::draw);
        setOnKeyPressed(this::key);
        setOnMousePressed(mouse -> {
            requestFocus();
            from = share(mouse.getX(), mouse.getY());
        });
        setOnMouseReleased(mouse -> stroke.accept(from, share(mouse.getX(), mouse.getY())));
        return this;
    }

    /** The cross goes by keys; Enter is a press of the pen where it stands. */
    private void key(KeyEvent key) {
        switch (key.getCode()) {
            case LEFT -> cross(-STEP, 0);
            case RIGHT -> cross(STEP, 0);
            case UP -> cross(0, -STEP);
            case DOWN -> cross(0, STEP);
            case ENTER -> stroke.accept(cross, cross);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void cross(double right, double down) {
        cross = new Point(Math.clamp(cross.x() + right, 0, 1), Math.clamp(cross.y() + down, 0, 1));
        draw();
    }

    private Point share(double x, double y) {
        return new Point(Math.clamp(x / Math.max(1, wide()), 0, 1), Math.clamp(y / Math.max(1, high()), 0, 1));
    }

    private double wide() {
        return view.getLayoutBounds().getWidth();
    }

    private double high() {
        return view.getLayoutBounds().getHeight();
    }

    private void draw() {
        view.setFitWidth(Math.max(1, getWidth()));
        view.setFitHeight(Math.max(1, getHeight()));
        getChildren().setAll(view);
        if (view.getImage() == null) return;
        for (var mark : marks) getChildren().add(drawn(mark));
        if (isFocused()) sight();
    }

    private void sight() {
        for (var arm : List.of(new Point(SIGHT, 0), new Point(0, SIGHT))) {
            var line = new Line(x(cross) - arm.x(), y(cross) - arm.y(), x(cross) + arm.x(), y(cross) + arm.y());
            line.getStyleClass().add("photo-mark");
            line.setMouseTransparent(true);
            getChildren().add(line);
        }
    }

    private Node drawn(PhotoMark mark) {
        return switch (mark) {
            case PhotoMark.Arrow(var tail, var tip) -> arrow(tail, tip);
            case PhotoMark.Ring(var centre, var radius) -> {
                var ring = new Circle(x(centre), y(centre), radius * wide());
                ring.getStyleClass().add("photo-mark");
                yield ring;
            }
            case PhotoMark.Numbered(var at, var number) -> word(at, Integer.toString(number), "pin");
            case PhotoMark.Written(var at, var text) -> word(at, text, "photo-words");
        };
    }

    private Path arrow(Point tail, Point tip) {
        var angle = Math.atan2(y(tip) - y(tail), x(tip) - x(tail));
        var path = new Path(new MoveTo(x(tail), y(tail)), new LineTo(x(tip), y(tip)));
        for (var side : List.of(2.6, -2.6))
            path.getElements()
                    .addAll(
                            new MoveTo(x(tip), y(tip)),
                            new LineTo(x(tip) + HEAD * Math.cos(angle + side), y(tip) + HEAD * Math.sin(angle + side)));
        path.getStyleClass().add("photo-mark");
        return path;
    }

    private Node word(Point at, String text, String style) {
        var word = Nodes.whole(text, style);
        word.relocate(x(at) - 12, y(at) - 12);
        return word;
    }

    private double x(Point at) {
        return at.x() * wide();
    }

    private double y(Point at) {
        return at.y() * high();
    }
}
