package welumen.desktop.strip;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.stream.Collectors;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartState;
import welumen.cabin.Within;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.job.Counts;
import welumen.job.Job;

/** How the car stood at the end of a day, without what was taken back only later. */
final class AsItStoodLeaf extends Leaf {
    private final TextField day = new TextField();
    private final VBox states = new VBox(6);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    AsItStoodLeaf(JobModel model) {
        super(model, Reads.ALL);
        day.setId("stood-day");
        day.setAccessibleText("On which day");
        day.setMaxWidth(160);
        day.setOnAction(_ -> refresh());
        answer.setId("stood-answer");
        var earlier = Nodes.button("A day earlier", "The day before", () -> step(-1));
        earlier.setId("day-earlier");
        var later = Nodes.button("A day later", "The day after", () -> step(1));
        var row = Nodes.row(8, day, earlier, later);
        row.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(row, Nodes.scroll(states));
    }

    @Override
    protected void refresh() {
        if (day.getText().isBlank()) day.setText(model.today().toString());
        states.getChildren().clear();
        try {
            var on = LocalDate.parse(day.getText().strip());
            show(on, model.asItStood(on));
        } catch (DateTimeException noDate) {
            answer.setText("“%s” is no date. Type it as 2026-04-14.".formatted(day.getText()));
        }
    }

    private void step(int days) {
        try {
            day.setText(LocalDate.parse(day.getText().strip()).plusDays(days).toString());
        } catch (DateTimeException noDate) {
            day.setText(model.today().toString());
        }
        refresh();
    }

    private void show(LocalDate on, Job then) {
        var out = Counts.of(then).out();
        answer.setText(
                then.cabin().parts().isEmpty()
                        ? "On %s the car had not been taken in.".formatted(Words.day(on))
                        : "On the evening of %s %s out, after %s."
                                .formatted(
                                        Words.day(on),
                                        out == 1 ? "1 part was" : out + " parts were",
                                        Words.many(then.strip().steps().size(), "step")));
        for (var state : PartState.values()) {
            if (state == PartState.IN_CAR) continue;
            var parts = then.cabin().parts().stream()
                    .filter(part -> then.stateOf(part.id()) == state && !goesWithAnother(then, part))
                    .map(Part::name)
                    .toList();
            if (parts.isEmpty()) continue;
            states.getChildren().add(Nodes.whole(Words.capital(state.word()), Styles.HEADING));
            states.getChildren().add(Nodes.label(parts.stream().collect(Collectors.joining(", "))));
        }
    }

    /** What is built into another is where that is: it is not counted, and so not listed either. */
    private static boolean goesWithAnother(Job then, Part part) {
        return part.within() instanceof Within.Assembly(var assembly)
                && !then.strip().isOff(part.id())
                && then.stateOf(assembly) == then.stateOf(part.id());
    }
}
