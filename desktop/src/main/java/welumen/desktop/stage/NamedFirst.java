package welumen.desktop.stage;

import java.util.List;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import welumen.desktop.look.Nodes;

/**
 * Before something goes on which other things hang, those are named, and the button that lets it all go stands there: elsewhere
 * than the one that was pressed, so that one press too many does nothing. Undo takes it all back.
 */
public final class NamedFirst {
    private NamedFirst() {}

    /**
     * @param where names them; empty again once it is done
     * @param hangs what goes with it, in words; where nothing does, it goes at once
     */
    public static void unless(Label where, List<String> hangs, Runnable go) {
        if (hangs.isEmpty()) {
            go.run();
            return;
        }
        ask(where, "With it goes: %s.".formatted(String.join(", ", hangs)), "Let it all go", go);
    }

    /** Says something, with a button beside it that does it all the same. */
    public static void ask(Label where, String words, String word, Runnable go) {
        var button = Nodes.button(word, "Do it all the same (Ctrl+Z takes it back)", () -> {
            forget(where);
            go.run();
        });
        button.setId("all-the-same");
        where.setText(words);
        where.setGraphic(button);
        where.setContentDisplay(ContentDisplay.BOTTOM);
        // whatever is said there next has nothing to do with it
        where.textProperty().addListener(new ChangeListener<>() {
            @Override
            public void changed(ObservableValue<? extends String> text, String before, String now) {
                if (now.equals(words)) return;
                text.removeListener(this);
                if (where.getGraphic() == button) where.setGraphic(null);
            }
        });
    }

    /** The question falls: what it was asked of is not what one looks at any more. Anything else that is said there stays. */
    public static void withdraw(Label where) {
        if (where.getGraphic() != null) forget(where);
    }

    private static void forget(Label where) {
        where.setGraphic(null);
        where.setText("");
    }
}
