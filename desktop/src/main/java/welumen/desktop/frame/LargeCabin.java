package welumen.desktop.frame;

import java.util.Locale;
import java.util.Objects;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.CabinPlan;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.Counts;

/** The cabin over the stage: every part is a target of its own, and typing letters leaves those that have them. */
final class LargeCabin extends VBox {
    private static final double GAP = 7;

    /** Smaller, and parts would be no targets; then one scrolls. */
    private static final double LEAST_WIDTH = 900;

    private static final double LEAST_HEIGHT = 540;

    private final JobModel model;
    private final Runnable close;
    private final TextField letters = new TextField();
    private final Pane sheet = new Pane();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LargeCabin(JobModel model, Runnable close) {
        super(12);
        this.model = model;
        this.close = close;
        getStyleClass().add("large-cabin");
        letters.setId("letters");
        letters.setPromptText("Letters of a part's name, or its first letters; Enter picks");
        letters.setPrefWidth(420);
        letters.textProperty().subscribe(this::draw);
        letters.setOnAction(_ -> pickFirst());
        setOnKeyPressed(key -> {
            if (key.getCode() != KeyCode.ESCAPE) return;
            close.run();
            key.consume();
        });
        sheet.setMinSize(LEAST_WIDTH, LEAST_HEIGHT);
        sheet.widthProperty().subscribe(this::draw);
        sheet.heightProperty().subscribe(this::draw);
        var answer = Nodes.label(Counts.of(model.job()).said(), Styles.ANSWER);
        answer.setMaxWidth(Double.MAX_VALUE);
        var head = Nodes.row(24, Nodes.grown(answer), letters);
        head.setMinHeight(USE_PREF_SIZE);
        var scroll = new ScrollPane(sheet);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
    }

    void open() {
        letters.clear();
        draw();
        letters.requestFocus();
    }

    private void draw() {
        if (sheet.getWidth() < 50 || sheet.getHeight() < 50) return;
        sheet.getChildren().clear();
        var cabin = model.job().cabin();
        var plan = CabinPlan.of(cabin, sheet.getWidth(), sheet.getHeight(), GAP);
        for (var part : cabin.parts()) {
            var cell = new PartCell(
                    part,
                    model.stateOf(part.id()),
                    Objects.requireNonNull(plan.parts().get(part.id())),
                    () -> pick(part));
            cell.setDisable(!isMeant(part));
            cell.pseudoClassStateChanged(
                    Styles.PICKED, part.id().equals(model.pickedProperty().get()));
            sheet.getChildren().add(cell);
        }
    }

    private boolean isMeant(Part part) {
        var text = letters.getText().strip().toLowerCase(Locale.ROOT);
        return part.name().contains(text) || initials(part).startsWith(text);
    }

    private static String initials(Part part) {
        return part.name().replaceAll("(\\w)\\w*\\s*", "$1");
    }

    private void pickFirst() {
        var meant = model.job().cabin().parts().stream().filter(this::isMeant).toList();
        var text = letters.getText().strip();
        meant.stream()
                .filter(part -> initials(part).equals(text) || part.name().equals(text))
                .findFirst()
                .or(() -> meant.stream().findFirst())
                .ifPresent(this::pick);
    }

    private void pick(Part part) {
        model.pickedProperty().set(part.id());
        close.run();
    }
}
