package welumen.desktop.yard;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;

/** Choices of which any number may hold, as buttons that stay pressed. */
final class Toggles {
    private Toggles() {}

    /** @param chosen modified by the buttons */
    static <T extends Enum<T>> void show(
            FlowPane into, List<T> all, Set<T> chosen, Function<T, String> word, String id) {
        into.getChildren().clear();
        for (var one : all) {
            var button =
                    Nodes.button(word.apply(one), chosen.contains(one) ? "Press where not" : "Press where so", () -> {
                        if (!chosen.remove(one)) chosen.add(one);
                        show(into, all, chosen, word, id);
                    });
            button.setId(id + "-" + one.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().add("toggle");
            if (chosen.contains(one)) button.getStyleClass().add(Styles.CHIEF);
            button.setAccessibleText(word.apply(one) + (chosen.contains(one) ? ", yes" : ", no"));
            into.getChildren().add(button);
        }
    }
}
