package welumen.desktop.look;

import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;

/** A cell that shows a choice by its word. */
public final class WordCell<T> extends ListCell<T> {
    private final Function<T, String> word;

    private WordCell(Function<T, String> word) {
        this.word = word;
    }

    /** Shows the choices of a box by their words. */
    public static <T> void in(ComboBox<T> box, Function<T, String> word) {
        box.setCellFactory(_ -> new WordCell<>(word));
        box.setButtonCell(new WordCell<>(word));
    }

    @Override
    protected void updateItem(T item, boolean empty) {
        super.updateItem(item, empty);
        setText(empty || item == null ? "" : word.apply(item));
    }
}
