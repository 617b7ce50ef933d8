package welumen.desktop.yard;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.yard.CrewChange.PersonLeft;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.DaysOff;
import welumen.yard.Person;
import welumen.yard.Skill;
import welumen.yard.WorkingHours;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfCrew;

/** Who works here: what they can be given to do, when they are there, and who sits at this window. */
final class PeopleLeaf extends ShelfLeaf<Person> {
    private final TextField name = new TextField();
    private final TextField from = new TextField();
    private final TextField until = new TextField();
    private final TextField off = new TextField();
    private final FlowPane skills = new FlowPane(6, 6);
    private final FlowPane days = new FlowPane(4, 4);
    private final VBox daysOff = new VBox(4);
    private final Set<Skill> able = EnumSet.noneOf(Skill.class);
    private final Set<DayOfWeek> there = EnumSet.noneOf(DayOfWeek.class);
    private final List<DaysOff> free = new ArrayList<>();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PeopleLeaf(JobModel model) {
        super(model, "person");
        name.setId("person-name");
        from.setId("person-from");
        until.setId("person-until");
        off.setId("person-off");
        off.setPromptText("2026-05-04 to 2026-05-08");
        from.setPrefColumnCount(4);
        until.setPrefColumnCount(4);
        List.of(name, from, until).forEach(field -> field.setOnAction(_ -> keep()));
        off.setOnAction(_ -> addDaysOff());
        var me = Nodes.button(
                "I am at this window",
                "What is logged here is logged in this name",
                () -> picked().ifPresent(person -> {
                    model.personIs(person.name());
                    refresh();
                }));
        me.setId("person-me");
        fields(
                Nodes.field("Name", name),
                Nodes.field("Can be given", skills),
                Nodes.field("Works on", days),
                Nodes.row(10, Nodes.field("From", from), Nodes.field("until", until)),
                Nodes.field("Days off: type them, Enter", off),
                daysOff,
                me);
    }

    @Override
    protected String says() {
        if (all().isEmpty()) return "Nobody is known to work here yet.";
        var here = all().stream()
                .filter(person -> person.worksOn(model.today()))
                .map(Person::name)
                .toList();
        return switch (here.size()) {
            case 0 -> "Nobody is here on %s.".formatted(Words.day(model.today()));
            case 1 -> here.getFirst() + " is here today.";
            default ->
                "%s and %s are here today."
                        .formatted(String.join(", ", here.subList(0, here.size() - 1)), here.getLast());
        };
    }

    @Override
    protected Node first() {
        return name;
    }

    @Override
    List<Person> all() {
        return model.yard().state().crew().people().all();
    }

    @Override
    List<String> said(Person one) {
        var here = one.name().equals(model.person()) ? "at this window" : "";
        var can = one.skills().stream().map(Skill::word).collect(Collectors.joining(", "));
        var next = one.off().stream()
                .filter(days -> !days.last().isBefore(model.today()))
                .map(days -> "off %s to %s".formatted(Words.day(days.first()), Words.day(days.last())))
                .findFirst()
                .orElse("");
        return List.of(here, can, hours(one.hours()), next);
    }

    private static String hours(WorkingHours hours) {
        return "%s, %s to %s, %s a week"
                .formatted(
                        hours.days().stream().map(PeopleLeaf::shortly).collect(Collectors.joining(" ")),
                        hours.from(),
                        hours.until(),
                        Words.hours(hours.week().toMinutes() / 60.0));
    }

    private static String shortly(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, Locale.UK);
    }

    @Override
    void show(Optional<Person> one) {
        var person = one.orElse(new Person("x"));
        name.setText(one.map(Person::name).orElse(""));
        from.setText(person.hours().from().toString());
        until.setText(person.hours().until().toString());
        able.clear();
        able.addAll(person.skills());
        there.clear();
        there.addAll(person.hours().days());
        free.clear();
        free.addAll(person.off());
        off.clear();
        showChoices();
    }

    private void showChoices() {
        Toggles.show(skills, List.of(Skill.values()), able, Skill::word, "skill");
        Toggles.show(days, List.of(DayOfWeek.values()), there, PeopleLeaf::shortly, "day");
        daysOff.getChildren().clear();
        for (var one : List.copyOf(free)) {
            var words = Nodes.label("%s to %s".formatted(Words.day(one.first()), Words.day(one.last())), Styles.SECOND);
            var gone = Nodes.button("✕", "They are there on these days after all", () -> {
                free.remove(one);
                showChoices();
            });
            gone.setAccessibleText("Not off from " + one.first());
            daysOff.getChildren().add(Nodes.row(10, Nodes.grown(words), gone));
        }
    }

    private void addDaysOff() {
        free.add(daysOff());
        off.clear();
        keep();
        showChoices();
    }

    private DaysOff daysOff() {
        var days = off.getText().strip().split("\\s*(?:to|until|–|,)\\s*|\\s+");
        try {
            return new DaysOff(LocalDate.parse(days[0]), LocalDate.parse(days[days.length - 1]), "");
        } catch (DateTimeException none) {
            throw new IllegalArgumentException(
                    "“%s” are no days. Type them as 2026-05-04 to 2026-05-08.".formatted(off.getText()));
        }
    }

    @Override
    Person read() {
        if (!off.getText().isBlank()) {
            free.add(daysOff());
            off.clear();
        }
        return new Person(name.getText(), able, new WorkingHours(there, time(from), time(until)), free);
    }

    private static LocalTime time(TextField field) {
        var typed = field.getText().strip();
        try {
            return LocalTime.parse(typed.length() < 3 ? "%02d:00".formatted(Integer.parseInt(typed)) : pad(typed));
        } catch (DateTimeException | NumberFormatException none) {
            throw new IllegalArgumentException("“%s” is no time of the day. Type it as 8:00.".formatted(typed));
        }
    }

    private static String pad(String typed) {
        return typed.matches("\\d:.*") ? "0" + typed : typed;
    }

    @Override
    YardChange kept(String was, Person now) {
        return new OfCrew(new PersonSaid(was, now));
    }

    @Override
    YardChange dropped(Person one) {
        return new OfCrew(new PersonLeft(one.name()));
    }

    @Override
    String hangs(Person one) {
        var at = model.others().everyCar().stream()
                .flatMap(car -> car.state().work().runningFor(one.name()).stream()
                        .map(begun -> "%s of the %s"
                                .formatted(
                                        begun.on().replace('-', ' '), car.file().title())))
                .findFirst();
        return at.map(what -> "%s is at the %s.".formatted(one.name(), what)).orElse("");
    }

    @Override
    String none() {
        return "Nobody is known to work here. Type a name beside, then Enter.";
    }
}
