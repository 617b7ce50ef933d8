package welumen.desktop.look;

import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.layout.Region;

/** A cell that shows a choice by its word. */
public final class WordCell<T> extends ListCell<T> {
    private final Function<T, String> word;

    private WordCell(Function<T, String> word) {
        this.word = word;
    }

    /** Shows the choices of a box by their words. */
    public static <T> void in(ComboBox<T> box, Function<T, String> word) {
        in(box, word, "");
    }

    /** @param nothing what the box says while nothing is chosen */
    public static <T> void in(ComboBox<T> box, Function<T, String> word, String nothing) {
        box.setCellFactory(_ -> new WordCell<>(word));
        box.setButtonCell(new WordCell<>(word));
        box.setPromptText(nothing);
        whole(box);
        new TypedLetters<>(box, word);
    }

    /** As wide as its widest choice, so that none is cut off. */
    public static void whole(ComboBox<?> box) {
        box.getProperties().put("comboBoxRowsToMeasureWidth", -1); // all of them; by default the skin measures ten
        box.setMinWidth(Region.USE_PREF_SIZE);
    }

    @Override
    protected void updateItem(T item, boolean empty) {
        super.updateItem(item, empty);
        setText(empty || item == null ? "" : word.apply(item));
    }
}
