package welumen.desktop.stage;

import java.util.List;
import javafx.scene.control.Label;

/** Before something goes on which other things hang, those are named; the second press lets it go. Undo takes it all back. */
public final class NamedFirst {
    private NamedFirst() {}

    /**
     * @param hangs what goes with it, in words
     * @return whether it may go now: nothing hangs on it, or that has been said
     */
    public static boolean said(Label where, List<String> hangs) {
        if (hangs.isEmpty()) return true;
        var words = "With it goes: %s. Press again, and it goes.".formatted(String.join(", ", hangs));
        if (where.getText().equals(words)) {
            where.setText("");
            return true;
        }
        where.setText(words);
        return false;
    }
}
