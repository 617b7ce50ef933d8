package welumen.desktop.cut;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.shape.Path;
import javafx.scene.text.TextAlignment;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Tips;
import welumen.desktop.look.Zoom;
import welumen.shape.Box;
import welumen.shape.Point;
import welumen.shape.Pose;

/** The hides side by side on felt, with their grades, flaws and the pieces that lie on them. */
final class HideTable extends FeltPane {
    private static final double GAP = 120;
    private static final double PADDING = 16;
    private static final PseudoClass PINNED = PseudoClass.getPseudoClass("pinned");
    private static final PseudoClass SPOILT = PseudoClass.getPseudoClass("spoilt");

    private record Shown(CutProblem problem, CutPlan plan, CutLog log) {}

    /** Told where a piece was put: on which stock, and how. */
    interface Hand {
        void moved(Placement from, String stock, Pose to);
    }

    private final ObjectProperty<Placement> picked;
    private final UnaryOperator<List<Stock>> which;

    private final Map<String, Chalk> chalks = new LinkedHashMap<>();
    private Optional<Shown> shown = Optional.empty();
    private Hand hand = (_, _, _) -> {};
    private Optional<Point> grabbed = Optional.empty();

    HideTable(ObjectProperty<Placement> picked, UnaryOperator<List<Stock>> which) {
        super("hide-table", "The hides on the cutting table; the list beside it says what lies on them");
        this.picked = picked;
        this.which = which;
    }

    void onMove(Hand newHand) {
        hand = newHand;
    }

    void show(CutProblem problem, CutPlan plan, CutLog log) {
        shown = Optional.of(new Shown(problem, plan, log));
        setAccessibleText("%d pieces laid out on %d hides"
                .formatted(plan.placements().size(), problem.stock().size()));
        redraw();
    }

    @Override
    protected void draw() {
        var stock = shown.map(one -> which.apply(one.problem().stock())).orElse(List.of());
        if (stock.isEmpty()) {
            empty(
                    "Nothing lies here yet: draw the pieces at Pattern, take in a hide or a roll at “Hides and rolls”, then “Lay out”.");
            return;
        }

        var chalk = zoomed().on(Chalk.fitting(
                whole(stock),
                PADDING,
                Zoom.BAND + 20,
                getWidth() - 2 * PADDING,
                getHeight() - PADDING - Zoom.BAND - 20));
        var x = 0.0;
        chalks.clear();
        for (var one : stock) {
            var box = one.shape().outline().box();
            chalks.put(one.id(), new Chalk(chalk.scale(), chalk.x(x - box.minX()), chalk.y(-box.minY())));
            draw(one, chalks.get(one.id()));
            x += box.width() + GAP;
        }
    }

    private static Box whole(List<Stock> stock) {
        var width = -GAP;
        var height = 0.0;
        for (var one : stock) {
            var box = one.shape().outline().box();
            width += box.width() + GAP;
            height = Math.max(height, box.height());
        }
        return new Box(0, 0, width, height);
    }

    private void draw(Stock stock, Chalk chalk) {
        var outline = stock.shape().outline();
        getChildren().addAll(HideChalk.ground(stock, chalk));
        for (var placement : shown.orElseThrow().plan().on(stock.id())) {
            var piece = shown.get().problem().piece(placement.piece());
            lay(placement, PieceName.of(shown.get().problem(), piece), piece, chalk);
        }
        var box = outline.box();
        var word = Nodes.whole(stock.id() + (shown.get().log().isCut(stock.id()) ? ", cut" : ""), "chalk-word");
        word.relocate(chalk.x((box.minX() + box.maxX()) / 2) - 18, chalk.y(box.maxY()) - 22);
        getChildren().add(word);
    }

    /** It follows the pen, onto another hide too. */
    private void drags(Path path, Placement placement, Chalk chalk) {
        path.setOnMousePressed(mouse -> {
            picked.set(placement);
            grabbed = Optional.of(new Point(mouse.getX(), mouse.getY()));
        });
        path.setOnMouseDragged(mouse -> grabbed.ifPresent(at -> {
            var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
            path.setTranslateX(here.getX() - at.x());
            path.setTranslateY(here.getY() - at.y());
        }));
        path.setOnMouseReleased(mouse -> {
            var dx = path.getTranslateX();
            var dy = path.getTranslateY();
            grabbed = Optional.empty();
            if (Math.hypot(dx, dy) < 3) {
                redraw();
                return;
            }
            var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
            var onto = stockAt(here.getX(), here.getY()).orElse(placement.stock());
            var there = Objects.requireNonNull(chalks.get(onto));
            var pose = placement.pose();
            hand.moved(
                    placement,
                    onto,
                    pose.at(
                            (chalk.x(pose.x()) + dx - there.left()) / there.scale(),
                            (there.base() - chalk.y(pose.y()) - dy) / there.scale()));
        });
    }

    /** The hide under a pixel, or the nearest to its side. */
    private Optional<String> stockAt(double x, double y) {
        return shown.stream()
                .flatMap(one -> one.problem().stock().stream())
                .filter(stock -> chalks.containsKey(stock.id()))
                .filter(stock -> {
                    var box = stock.shape().outline().box();
                    var at = Objects.requireNonNull(chalks.get(stock.id())).at(x, y);
                    return at.x() >= box.minX() && at.x() <= box.maxX() && at.y() >= box.minY() && at.y() <= box.maxY();
                })
                .map(Stock::id)
                .findFirst();
    }

    private void lay(Placement placement, PieceName name, CutPiece piece, Chalk chalk) {
        var shape = placement.pose().apply(piece.shape());
        var path = chalk.draw(shape, "laid-piece");
        path.setId("laid-%s-%d".formatted(placement.piece(), placement.copy()));
        path.pseudoClassStateChanged(Styles.PICKED, placement.equals(picked.get()));
        path.pseudoClassStateChanged(
                PINNED, shown.orElseThrow().problem().pinned().contains(placement));
        path.pseudoClassStateChanged(SPOILT, shown.get().log().isSpoilt(placement));
        Tips.on(path, "%d  %s, grade %d or better".formatted(name.number(), name.words(), piece.grade()));
        if (!shown.get().log().isDone(placement)) drags(path, placement, chalk);
        getChildren().add(path);
        var box = shape.outline().box();
        var text = name.fitting(box.width() * chalk.scale(), box.height() * chalk.scale());
        var word = Nodes.label(text, "laid-word");
        word.setMouseTransparent(true);
        word.setTextAlignment(TextAlignment.CENTER);
        word.setAlignment(Pos.CENTER);
        word.setMinSize(box.width() * chalk.scale() - 4, box.height() * chalk.scale());
        word.setMaxSize(box.width() * chalk.scale() - 4, box.height() * chalk.scale());
        word.relocate(chalk.x(box.minX()) + 2, chalk.y(box.maxY()));
        getChildren().add(word);
    }
}
