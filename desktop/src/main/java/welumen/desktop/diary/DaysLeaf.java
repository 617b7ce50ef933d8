package welumen.desktop.diary;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.plan.DayLine;
import welumen.measure.Because;
import welumen.schedule.forecast.Ends;

/** When the car is ready, and who does what until then. */
final class DaysLeaf extends PlannedLeaf {
    private final Label leftOut = Nodes.label("", Styles.SECOND);
    private Optional<PlannedDays> shown = Optional.empty();
    private final TaskDeeds read;
    private final DaysFelt felt;
    private final Button save = Nodes.button("Save the days", "As a calendar, and as a table beside it", this::save);
    private final Label saved = Nodes.label("", Styles.SECOND);
    private final DaysDeeds deeds;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    DaysLeaf(JobModel model, DaysDesk desk) {
        super(model, desk);
        answer.setId("days-answer");
        read = new TaskDeeds(model);
        leftOut.setId("days-left-out");
        leftOut.managedProperty().bind(leftOut.textProperty().isNotEmpty());
        leftOut.setMinHeight(USE_PREF_SIZE);
        felt = new DaysFelt(model, this::read);
        VBox.setVgrow(felt, Priority.ALWAYS);
        save.setId("save-days");
        saved.setId("days-saved");
        deeds = new DaysDeeds(model, desk, this::show, fault -> wrong().setText(Because.of(fault)), save, saved);
        getChildren().addAll(leftOut, wrong(), felt, read, deeds);
    }

    private void read(Laid laid) {
        read.show(Optional.of(laid).filter(Laid::isMovable));
    }

    @Override
    protected void begun() {
        read.show(Optional.empty());
        leftOut.setText("");
        deeds.begun();
        save.setDisable(true); // what is being planned anew does not hold any more
    }

    @Override
    protected void clear() {
        felt.show(Optional.empty());
        deeds.begun();
    }

    @Override
    protected void show(PlannedDays planned) {
        shown = Optional.of(planned);
        answer.setText(said(planned));
        leftOut.setText(leftOut(planned));
        save.setDisable(false);
        deeds.show(planned);
        felt.show(Optional.of(planned));
    }

    private void save() {
        shown.flatMap(days -> model.papers().days(DayLine.of(days.plan(), days.manned())))
                .ifPresent(file -> saved.setText("Saved to " + file));
    }

    private String said(PlannedDays planned) {
        var car = planned.car();
        if (car.isEmpty()) return "Nothing is open on this car.";
        var due = car.get().due();
        if (due.isPresent() && planned.forecast().isEmpty())
            return "Ready on %s as planned; how sure that is, is being worked out …"
                    .formatted(Words.day(planned.end().toLocalDate()));
        if (due.isEmpty() || planned.ready().isEmpty())
            return "Ready on %s as planned; no day is agreed."
                    .formatted(Words.day(planned.end().toLocalDate()));
        var ends = planned.ready().get();
        var half = day(ends, 0.5);
        var most = day(ends, 0.8);
        return "%s by %s in 80 of 100 runs%s; agreed is %s: %s."
                .formatted(
                        planned.undecided() > 0 ? "At the earliest ready" : "Ready",
                        most,
                        half.equals(most) ? "" : ", by %s in half of them".formatted(half),
                        Words.day(due.get()),
                        TriedWords.chance(ends.chanceOf(due.get())));
    }

    private static String day(Ends ends, double share) {
        return Words.day(ends.by(share).toLocalDate());
    }

    private static String leftOut(PlannedDays planned) {
        var undecided = planned.undecided() == 0
                ? ""
                : "For %s nothing is chosen yet; what is chosen comes on top. "
                        .formatted(Words.many(planned.undecided(), "part"));
        var assumed = planned.assumed() == 0
                ? ""
                : "No day that is still to come is known of %s awaited: taken to last as long as such things do."
                        .formatted(Words.many(planned.assumed(), "thing"));
        return (undecided + assumed).strip();
    }
}
