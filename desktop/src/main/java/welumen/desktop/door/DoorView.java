package welumen.desktop.door;

import java.io.File;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import welumen.desktop.look.Headline;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.measure.Because;
import welumen.measure.Length;
import welumen.yard.Beginning;

/** The door: one of two, and nothing more is asked than a workshop cannot do without. */
public final class DoorView extends VBox {
    private static final double WIDE = 470;
    private static final Pattern NO_NAME = Pattern.compile("[^\\p{L}\\p{N} .-]");

    /**
     * What the door opens to.
     *
     * @param below where workshops of one's own are kept, unless another folder is said
     * @param demo looks round in the demo
     * @param begin begins a workshop in a folder
     */
    public record Ways(Path below, Runnable demo, BiConsumer<Path, Beginning> begin) {}

    private final Ways ways;
    private final TextField name = field("door-name", "Lantern Wharf");
    private final TextField currency = field("door-currency", "GBP");
    private final TextField people = field("door-people", "Ada, Bram");
    private final TextField folder = field("door-folder", "");
    private final Button millimetres =
            Nodes.button("Millimetres", "Lengths are said in mm", () -> choose(Length.Style.METRIC));
    private final Button inches =
            Nodes.button("Inches", "Lengths are said in inches", () -> choose(Length.Style.INCHES));
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Button begin = Nodes.chief("Begin", "Make the workshop and open it (Enter)", this::begin);
    private final Button demo;
    private Length.Style lengths = Length.Style.METRIC;
    private boolean folderSaid;

    /** @param first the folder that was asked for; empty text where none was */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public DoorView(Ways ways, String first) {
        super(24);
        this.ways = ways;
        getStyleClass().addAll("stage", "door");
        setAlignment(Pos.TOP_CENTER);
        demo = Nodes.button(
                "Look round in the demo",
                "An invented workshop with three cars; nothing of yours is touched",
                ways.demo());
        demo.setId("door-demo");
        begin.setId("door-begin");
        millimetres.setId("door-mm");
        inches.setId("door-inches");
        wrong.setId("door-wrong");
        currency.setText(usualCurrency());
        currency.setPrefColumnCount(6);
        folder.setText(first);
        folderSaid = !first.isEmpty();
        name.textProperty().subscribe(typed -> {
            if (!folderSaid) folder.setText(typed.isBlank() ? "" : below(typed).toString());
        });
        folder.textProperty().subscribe(typed -> {
            if (folder.isFocused()) folderSaid = !typed.isBlank();
        });
        Stream.of(name, currency, people, folder).forEach(field -> field.setOnAction(_ -> begin()));
        var headline = new Headline();
        headline.say("Welumen", "Whose workshop is it?", "Begin your own, or look round in the demo first.");
        headline.setMaxWidth(2 * WIDE + 24);
        var both = new HBox(24, own(), look());
        both.setAlignment(Pos.TOP_CENTER);
        getChildren().addAll(headline, both);
        choose(lengths);
    }

    private static TextField field(String id, String prompt) {
        var field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        return field;
    }

    private VBox own() {
        var choose = Nodes.button("Another folder", "Where the workshop is kept", this::chooseFolder);
        choose.setId("door-choose");
        HBox.setHgrow(folder, Priority.ALWAYS);
        var card = new VBox(
                14,
                Nodes.label("Begin our own", Styles.STRONG),
                Nodes.field("What the workshop is called", name),
                Nodes.field("Who works here", people),
                Nodes.row(
                        14,
                        Nodes.field("Money", currency),
                        Nodes.field("Lengths are said in", Nodes.row(8, millimetres, inches))),
                Nodes.field("Kept in", Nodes.row(8, folder, choose)),
                Nodes.row(14, begin),
                wrong,
                Nodes.label("Everything else is said later, and all of it can be changed.", Styles.NOTE));
        card.getStyleClass().add(Styles.CARD);
        card.setPrefWidth(WIDE);
        return card;
    }

    private VBox look() {
        var card = new VBox(
                14,
                Nodes.label("Look round", Styles.STRONG),
                Nodes.label(
                        "Thimble Yard is an invented workshop with three people and three cars: one being stripped, one"
                                + " being looked at, one being planned.",
                        Styles.SECOND),
                demo,
                Nodes.label("It is a copy of its own: try anything.", Styles.NOTE));
        card.getStyleClass().add(Styles.CARD);
        card.setPrefWidth(WIDE);
        return card;
    }

    /** What has the keyboard first. */
    public void begins() {
        Platform.runLater(name::requestFocus);
    }

    /** Says why it could not be done; the door stays open. */
    public void refuse(String why) {
        wrong.setText(why);
        setDisable(false);
    }

    private void choose(Length.Style style) {
        lengths = style;
        for (var button : List.of(millimetres, inches)) button.getStyleClass().remove(Styles.CHIEF);
        (style == Length.Style.INCHES ? inches : millimetres).getStyleClass().add(Styles.CHIEF);
    }

    private void chooseFolder() {
        var chooser = new DirectoryChooser();
        chooser.setTitle("Where the workshop is kept");
        File chosen = chooser.showDialog(getScene().getWindow());
        if (chosen == null) return;
        folderSaid = true;
        folder.setText(chosen.toString());
    }

    private Path below(String typed) {
        return ways.below().resolve(NO_NAME.matcher(typed.strip()).replaceAll(""));
    }

    private static String usualCurrency() {
        try {
            return Currency.getInstance(Locale.getDefault()).getCurrencyCode();
        } catch (IllegalArgumentException | NullPointerException noCountry) {
            return "GBP";
        }
    }

    private void begin() {
        try {
            var beginning = new Beginning(
                    name.getText(), money(), lengths, List.of(people.getText().split(",")));
            var kept = folder.getText().isBlank()
                    ? below(name.getText())
                    : Path.of(folder.getText().strip());
            wrong.setText("");
            setDisable(true);
            ways.begin().accept(kept, beginning);
        } catch (InvalidPathException noFolder) {
            refuse("“%s” is no folder.".formatted(folder.getText()));
            folder.requestFocus();
        } catch (IllegalArgumentException fault) {
            refuse(Because.of(fault));
        }
    }

    private Currency money() {
        var typed = currency.getText().strip().toUpperCase(Locale.ROOT);
        try {
            return Currency.getInstance(typed);
        } catch (IllegalArgumentException unknown) {
            throw new IllegalArgumentException("“%s” is no currency. Use its three letters, as GBP.".formatted(typed));
        }
    }
}
