package welumen.desktop.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import welumen.cabin.PartState;
import welumen.cabin.Spot;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.WorkStage;

/** The unfolded cabin at the left of every stage: an overview by places, and the way to pick a part. */
final class CabinView extends VBox {
    static final double WIDTH = 316;
    private static final double SMALLEST = 0.7;

    private final JobModel model;
    private final Group drawing = new Group();
    private final Label numbers = Nodes.label("A number: parts there with finds that are not done yet.", Styles.NOTE);
    private double drawnAt;
    private double height;
    private List<Spot> drawn = List.of();
    private final List<CabinRegion> regions = new ArrayList<>();

    CabinView(JobModel model, Runnable openLarge) {
        super(10);
        this.model = model;
        getStyleClass().add("cabin");
        setMinWidth(WIDTH);
        setPrefWidth(WIDTH);
        setMaxWidth(WIDTH);
        var open = Nodes.button("Open large", Keys.LARGE_CABIN.told(), openLarge);
        open.getStyleClass().add("tool");
        open.setId("open-large");
        var head = Nodes.row(10, Nodes.whole("The cabin, unfolded", Styles.HEADING), Nodes.spring(), open);
        head.setAlignment(Pos.CENTER_LEFT);
        numbers.managedProperty().bind(numbers.visibleProperty());
        var sheet = new StackPane(drawing);
        sheet.getStyleClass().add("cabin-drawing");
        sheet.setMinHeight(SMALLEST * Spot.HEIGHT);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        getChildren().addAll(head, sheet, numbers, legend());
        sheet.heightProperty().subscribe(now -> {
            height = now.doubleValue();
            draw(height);
        });
        model.jobProperty().subscribe(this::refresh);
        model.pickedProperty().subscribe(this::refresh);
        model.stageProperty().subscribe(this::refresh);
    }

    /** As large as there is room for; the words keep their size. */
    private void draw(double tall) {
        var scale = Math.clamp(tall / Spot.HEIGHT, SMALLEST, (WIDTH - 28) / Spot.WIDTH);
        var spots = spots();
        if (tall < 1 || scale == drawnAt && spots.equals(drawn)) return;
        drawnAt = scale;
        drawn = spots;
        regions.clear();
        for (var spot : spots) regions.add(new CabinRegion(model, spot, scale));
        drawing.getChildren().setAll(regions);
        refresh();
    }

    /** The places that have parts: a bench stands where two seats would. */
    private List<Spot> spots() {
        return Stream.of(Spot.values())
                .filter(spot -> !model.job().cabin().at(spot).isEmpty())
                .toList();
    }

    private void refresh() {
        if (!spots().equals(drawn)) draw(height);
        numbers.setVisible(model.stageProperty().get() == WorkStage.SURVEY);
        regions.forEach(CabinRegion::refresh);
    }

    private static FlowPane legend() {
        var legend = new FlowPane(6, 6);
        for (var state : PartState.values()) {
            var swatch = new Rectangle(18, 13);
            swatch.getStyleClass().addAll("region", Styles.of(state));
            var row = new HBox(6, swatch, Nodes.whole(state.word(), Styles.NOTE));
            row.setAlignment(Pos.CENTER_LEFT);
            row.setMinWidth(88);
            legend.getChildren().add(row);
        }
        return legend;
    }
}
