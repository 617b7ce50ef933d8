package welumen.desktop.strip;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.FileChoice;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.files.label.LabelReader;
import welumen.files.label.LabelSheet;
import welumen.files.outside.Outside;
import welumen.files.photo.PhotoFile;
import welumen.strip.account.BagContents;
import welumen.strip.label.LabelCode;
import welumen.strip.label.TrimLabel;

/** What is in each bag, what is easily mixed up in it, its label, and a bag that is opened by its label. */
final class BagsLeaf extends Leaf {
    private final ComboBox<LabelSheet> sheet = new ComboBox<>();
    private final Label said = Nodes.label("", Styles.SECOND);
    private final VBox bags = new VBox(8);
    private int opened;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    BagsLeaf(JobModel model) {
        super(model, Reads.ALL);
        sheet.getItems().setAll(LabelSheet.values());
        sheet.setValue(LabelSheet.THREE_BY_SEVEN);
        sheet.setId("label-sheet");
        sheet.setAccessibleText("Which label sheet");
        WordCell.in(sheet, LabelSheet::word);
        var print = Nodes.button(
                "Bag labels",
                "A sheet of labels for all bags, 1:1",
                () -> print(model.labels().ofBags(), "bags"));
        print.setId("print-labels");
        var parts = Nodes.button(
                "Part labels",
                "Labels for all parts that are out",
                () -> print(model.labels().ofParts(), "parts"));
        parts.setId("print-part-labels");
        var camera =
                Nodes.button("Read by camera", "Open the bag whose label lies before the camera", this::readByCamera);
        camera.setId("read-by-camera");
        var file = Nodes.button("From a file", "Open a bag by a photo of its label", this::readFromFile);
        file.setId("read-label");
        said.setId("bags-said");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        var row = new FlowPane(8, 8, sheet, print, parts, camera, file);
        row.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(row, said, Nodes.scroll(bags));
    }

    @Override
    protected void refresh() {
        bags.getChildren().clear();
        for (var number : model.job().strip().bags().reversed())
            bags.getChildren().add(card(BagContents.of(model.job().strip(), number)));
        if (bags.getChildren().isEmpty())
            bags.getChildren().add(Nodes.label("No bag yet. Name one in the line: bag 1.", Styles.SECOND));
    }

    private Node card(BagContents bag) {
        var words = Nodes.column(3, Nodes.label(Words.many(bag.count(), "fixing"), Styles.STRONG));
        for (var inside : bag.lots())
            words.getChildren()
                    .add(Nodes.label("%s: %s"
                            .formatted(
                                    model.job().cabin().one(inside.part()).title(),
                                    inside.lot().said())));
        var mixed = bag.easilyMixed();
        if (!mixed.isEmpty())
            words.getChildren()
                    .add(Nodes.label(
                            "Mind, not all of one size: "
                                    + mixed.stream().map(this::where).collect(Collectors.joining("; ")),
                            Styles.DANGER));
        words.setMinWidth(0);
        var card = Nodes.row(14, Nodes.whole("bag " + bag.number(), Styles.TAG), words);
        card.setAlignment(Pos.TOP_LEFT);
        card.getStyleClass().add(Styles.CARD);
        card.setId("bag-" + bag.number());
        card.pseudoClassStateChanged(Styles.PICKED, bag.number() == opened);
        return card;
    }

    private String where(BagContents.Inside inside) {
        var lot = inside.lot();
        var size = lot.size().isEmpty() ? "no size noted" : lot.size();
        var place = lot.where().isEmpty() ? "" : ", " + lot.where();
        return "%s on the %s%s"
                .formatted(size, model.job().cabin().one(inside.part()).name(), place);
    }

    private void print(List<TrimLabel> labels, String of) {
        if (labels.isEmpty()) return;
        model.labels()
                .print(labels, sheet.getValue(), of)
                .ifPresent(where -> said.setText("%s printed to %s. Print it at full size, not fitted to the page."
                        .formatted(Words.many(labels.size(), "label"), where)));
    }

    private void readByCamera() {
        var labels = model.labels().ofBags();
        if (!labels.isEmpty()) read(() -> model.labels().photograph(labels), "the camera's photo");
    }

    private void readFromFile() {
        FileChoice.photo(getScene().getWindow(), "A photo of a label")
                .ifPresent(
                        file -> read(() -> Outside.bytes(file, PhotoFile.LARGEST), String.valueOf(file.getFileName())));
    }

    /** Off this thread: a bad photo is tried in many ways. */
    private void read(Callable<byte[]> photo, String name) {
        said.setText("Reading it …");
        model.background()
                .ask(
                        "reading a label",
                        Takes.A_MOMENT,
                        _ -> LabelReader.read(photo.call(), name),
                        this::open,
                        fault -> said.setText("%s cannot be read: %s".formatted(name, fault.getMessage())));
    }

    /** Opens the bag, or picks the part, of a label. */
    void open(Optional<LabelCode> code) {
        if (code.isEmpty()) {
            said.setText("No label can be read in it. Go nearer, into even light, and hold it flat.");
            return;
        }
        var mark = LabelCode.mark(model.openedProperty().get().job());
        if (!code.get().job().equals(mark)) {
            said.setText("This label belongs to another job. Put it back into that car's box.");
            return;
        }
        switch (code.get()) {
            case LabelCode.OfBag bag -> {
                opened = bag.number();
                var parts = BagContents.of(model.job().strip(), opened).lots();
                if (!parts.isEmpty())
                    model.pickedProperty().set(parts.getFirst().part());
                said.setText("Bag %d is open.".formatted(opened));
                refresh();
            }
            case LabelCode.OfPart one -> {
                if (model.job().cabin().findOne(one.part()).isPresent())
                    model.pickedProperty().set(one.part());
                said.setText("It is the " + one.part().value().replace('-', ' ') + ".");
            }
        }
    }
}
