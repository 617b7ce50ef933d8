package welumen.desktop.diary;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.plan.DayLine;
import welumen.diary.task.Task;
import welumen.schedule.Booking;

/** Who does what on one day, in which order; the first line is what most others wait for. */
final class TodayLeaf extends PlannedLeaf {
    private final HBox people = Nodes.row(18);
    private final Label saved = Nodes.label("", Styles.SECOND);
    private Optional<PlannedDays> days = Optional.empty();
    private Optional<LocalDate> shown = Optional.empty();
    private Optional<Seen> seen = Optional.empty();

    /** What stands on the pages, of which state of the yard. */
    private record Seen(long version, List<Booking> work, List<String> names) {}

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TodayLeaf(JobModel model, DaysDesk desk) {
        super(model, desk);
        answer.setId("today-answer");
        people.setId("today");
        var page = Nodes.scroll(people);
        VBox.setVgrow(page, Priority.ALWAYS);
        var day = Nodes.button("This day on paper", "A heading for each who works then", () -> keep(true));
        var week = Nodes.button("The week on paper", "Seven days from this one on", () -> keep(false));
        day.setId("print-day");
        week.setId("print-week");
        saved.setId("today-saved");
        getChildren().addAll(wrong(), page, Nodes.row(10, day, week, saved));
    }

    private void keep(boolean isDay) {
        if (days.isEmpty() || shown.isEmpty()) return;
        var lines = DayLine.of(days.get().plan(), days.get().manned());
        var file =
                isDay ? model.papers().day(lines, shown.get()) : model.papers().week(lines, shown.get());
        file.ifPresent(path -> saved.setText("Saved to " + path));
    }

    @Override
    protected void clear() {
        seen = Optional.empty();
        people.getChildren().clear();
    }

    @Override
    protected void show(PlannedDays planned) {
        days = Optional.of(planned);
        var work = planned.schedule().bookings().stream()
                .filter(booking -> !task(planned, booking).kind().isWait())
                .sorted(Comparator.comparing(Booking::start))
                .toList();
        if (work.isEmpty()) {
            clear();
            answer.setText("Nothing is open on any car.");
            return;
        }
        var day = work.getFirst().start().toLocalDate();
        var thatDay = work.stream()
                .filter(booking -> booking.start().toLocalDate().equals(day))
                .toList();
        shown = Optional.of(day);
        answer.setText(said(planned, thatDay, day));
        var now =
                new Seen(model.versionProperty().get(), thatDay, planned.rota().names());
        if (seen.filter(now::equals).isPresent()) return; // nothing moves under the hand
        people.getChildren().clear();
        seen = Optional.of(now);
        for (var name : planned.rota().names()) people.getChildren().add(page(planned, name, thatDay));
    }

    private String said(PlannedDays planned, List<Booking> work, LocalDate day) {
        var first = work.stream()
                .max(Comparator.comparingInt(booking -> task(planned, booking).keepsWaiting()))
                .map(booking -> task(planned, booking))
                .orElseThrow();
        return "%s: %s for %s. Of these most waits for one: %s."
                .formatted(
                        day.equals(model.today()) ? "Today" : Words.day(day),
                        Words.many(work.size(), "thing"),
                        Words.many(planned.rota().names().size(), "pair") + " of hands",
                        first.said());
    }

    private Node page(PlannedDays planned, String name, List<Booking> work) {
        var own = work.stream()
                .filter(booking -> planned.rota().of(booking.id()).contains(name))
                .toList();
        var page = Nodes.column(8, Nodes.label(name, Styles.HEADING));
        page.setId("today-" + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        if (own.isEmpty()) page.getChildren().add(Nodes.label("Nothing falls to them that day.", Styles.SECOND));
        own.forEach(booking -> page.getChildren().add(new TodayCard(model, planned, booking, name)));
        page.setMinWidth(0);
        page.setPrefWidth(300);
        HBox.setHgrow(page, Priority.ALWAYS);
        return page;
    }

    private static Task task(PlannedDays planned, Booking booking) {
        return Objects.requireNonNull(planned.tasks().get(booking.id()));
    }
}
