package welumen.desktop.frame;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.measure.OtherUnits;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** A size in the units of the other trades, asked for and put away with a key wherever one is. */
final class UnitsBox extends HBox {
    private final TextField size = new TextField();
    private final Label words = Nodes.label("", Styles.MEASURE);
    private final Runnable back;

    /** @param back gives the keyboard back */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    UnitsBox(Runnable back) {
        super(14);
        this.back = back;
        getStyleClass().add("units-box");
        setAlignment(Pos.CENTER_LEFT);
        size.setId("any-size");
        size.setPromptText("4 oz, 18 gauge, 5/8 in, 52 sq ft");
        size.setPrefColumnCount(16);
        size.textProperty().subscribe(this::say);
        words.setId("other-units");
        var word = Nodes.whole("A size in other units");
        word.setLabelFor(size);
        var away = Nodes.button("Put away", Keys.OTHER_UNITS.told("Put this away"), this::turn);
        away.setId("units-away");
        getChildren().addAll(word, size, Nodes.grown(words), away);
        words.setMaxWidth(Double.MAX_VALUE);
        managedProperty().bind(visibleProperty());
        setMinHeight(USE_PREF_SIZE);
        setVisible(false);
    }

    /** Shows it, or puts it away. */
    void turn() {
        setVisible(!isVisible());
        if (isVisible()) size.requestFocus();
        else back.run();
    }

    private void say(String typed) {
        words.setText(
                typed.isBlank()
                        ? "Leather by the ounce, steel by its gauge, inches to the 64th, areas in feet and metres."
                        : switch (OtherUnits.read(typed)) {
                            case Refused<OtherUnits>(var why) -> why;
                            case Understood<OtherUnits>(var read) -> read.words();
                        });
    }
}
