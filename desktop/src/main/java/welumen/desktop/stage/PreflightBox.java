package welumen.desktop.stage;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.diary.Preflight;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;

/** What has to be so before a step is begun that has one chance, or wants two pairs of hands; it goes on when all is ticked. */
public final class PreflightBox extends VBox {
    /**
     * @param word on the button that goes on
     * @param then told what was ticked: all of it
     */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public PreflightBox(Task task, Preflight preflight, String word, Consumer<Set<OneChance.Ready>> then) {
        super(4);
        Set<OneChance.Ready> so = EnumSet.noneOf(OneChance.Ready.class);
        var begin = Nodes.chief(word, "All of it is so", () -> then.accept(so));
        begin.setId("begin-" + task.id().replaceAll("[^a-z0-9]+", "-"));
        begin.setDisable(true);
        getChildren()
                .add(Nodes.label(
                        task.chance()
                                .map(chance -> "One chance, %s: %s.".formatted(chance.word(), chance.cost()))
                                .orElse("It takes two: it is not begun alone."),
                        Styles.DANGER));
        for (var one : preflight.asked()) {
            var tick = new CheckBox(Words.capital(one.words()));
            tick.setId("ready-" + one.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            tick.setWrapText(true);
            tick.setMinHeight(40);
            tick.setOnAction(_ -> {
                if (tick.isSelected()) so.add(one);
                else so.remove(one);
                begin.setDisable(!so.containsAll(preflight.asked()));
            });
            getChildren().add(tick);
        }
        getChildren().add(begin);
    }
}
