package welumen.desktop.frame;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.Spot;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;

/** The cabin over the stage: every part is a target of its own, and typing letters leaves those that have them. */
final class LargeCabin extends VBox {
    private final JobModel model;
    private final Runnable close;
    private final TextField letters = new TextField();
    private final VBox places = new VBox(14);

    LargeCabin(JobModel model, Runnable close) {
        super(14);
        this.model = model;
        this.close = close;
        getStyleClass().add("large-cabin");
        letters.setId("letters");
        letters.setPromptText("Type letters of a part's name; Enter picks the first");
        letters.textProperty().subscribe(this::refresh);
        letters.setOnAction(_ -> pickFirst());
        setOnKeyPressed(key -> {
            if (key.getCode() != KeyCode.ESCAPE) return;
            close.run();
            key.consume();
        });
        getChildren()
                .addAll(
                        Nodes.label("Every part of the car", Styles.ANSWER),
                        Nodes.field("Which part?", letters),
                        Nodes.scroll(places));
    }

    void open() {
        letters.clear();
        refresh();
        letters.requestFocus();
    }

    private void refresh() {
        places.getChildren().clear();
        for (var spot : Spot.values()) {
            var here =
                    model.job().cabin().at(spot).stream().filter(this::isMeant).toList();
            if (here.isEmpty()) continue;
            var chips = new FlowPane(8, 8);
            here.forEach(part -> chips.getChildren().add(chip(part)));
            places.getChildren().add(Nodes.column(5, Nodes.whole(side(spot) + spot.word(), Styles.HEADING), chips));
        }
    }

    private static String side(Spot spot) {
        return spot.name().endsWith("LEFT") ? "left " : spot.name().endsWith("RIGHT") ? "right " : "";
    }

    private boolean isMeant(Part part) {
        return part.name().contains(letters.getText().strip().toLowerCase(Locale.ROOT));
    }

    private Button chip(Part part) {
        var state = model.job().stateOf(part.id());
        Consumer<PartId> pick = id -> {
            model.pickedProperty().set(id);
            close.run();
        };
        var chip = new Button(part.title() + "  ·  " + state.word());
        chip.getStyleClass().setAll("part-chip", Styles.of(state));
        chip.pseudoClassStateChanged(
                Styles.PICKED, part.id().equals(model.pickedProperty().get()));
        chip.setId("part-" + part.id());
        chip.setOnAction(_ -> pick.accept(part.id()));
        return chip;
    }

    private void pickFirst() {
        model.job().cabin().parts().stream().filter(this::isMeant).findFirst().ifPresent(part -> {
            model.pickedProperty().set(part.id());
            close.run();
        });
    }
}
