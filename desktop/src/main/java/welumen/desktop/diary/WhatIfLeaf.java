package welumen.desktop.diary;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.diary.task.Task;
import welumen.job.JobChange;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WhatIfDropped;
import welumen.job.JobChange.WhatIfKept;
import welumen.measure.Because;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.whatif.AsThingsStand;
import welumen.whatif.Supposed;
import welumen.whatif.SupposedText;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.Named;
import welumen.yard.YardChange.OfCrew;

/** What if something is found, comes late, or somebody is away: what stops, what goes on, what it costs, the new days. */
final class WhatIfLeaf extends Leaf {
    private static final String ASKS =
            "What if something is found, comes later, or somebody is away? Say it, and see what it does.";

    private final DaysDesk desk;
    private final CarTasks tasks;
    private final WordLine<Supposed> line;
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Label saved = Nodes.label("", Styles.SECOND);
    private final SideBySide beside;
    private final FlowPane kept = new FlowPane(8, 8);
    private final HBox deeds = Nodes.row(10);
    private final VBox told = Nodes.column(12);
    private @Nullable Running running;
    private long of;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    WhatIfLeaf(JobModel model, DaysDesk desk, CarTasks tasks) {
        super(model, Reads.ALL);
        this.desk = desk;
        this.tasks = tasks;
        beside = new SideBySide(model);
        answer.setId("what-if-answer");
        wrong.setId("what-if-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        line = new WordLine<Supposed>(
                        "what-if",
                        "What may be found, come later, or be missing",
                        text -> text().read(text),
                        supposed -> List.of(supposed.said(model.job().cabin())))
                .example("rust hole under the right rear floor")
                .joinedBy(" ")
                .knows(
                        "Rust hole",
                        () -> "rust hole 40 mm under the |%s|".formatted(place()),
                        "Found where it stops the work")
                .knows("Comes later", () -> "|%s| comes in 5 days".formatted(awaited()), "What is awaited, and the day")
                .knows("Somebody away", () -> "|%s| away tomorrow".formatted(somebody()), "Who, and from when to when")
                .onEnter(this::ask, wrong::setText);
        saved.setId("what-if-saved");
        saved.managedProperty().bind(saved.textProperty().isNotEmpty());
        kept.setId("what-ifs");
        kept.managedProperty().bind(Bindings.isNotEmpty(kept.getChildren()));
        told.setId("what-if-told");
        var page = Nodes.scroll(Nodes.column(12, beside, told));
        VBox.setVgrow(page, Priority.ALWAYS);
        getChildren().addAll(line, wrong, kept, deeds, saved, page);
        answer.setText(ASKS);
    }

    /** Asks what comes of a line, as if it had been typed here. */
    void ask(String words) {
        line.begin(words);
        switch (text().read(words)) {
            case Refused<Supposed>(var why) -> wrong.setText(why);
            case Understood<Supposed>(var supposed) -> {
                if (ask(supposed)) line.field().clear();
            }
        }
    }

    private SupposedText text() {
        return new SupposedText(
                model.job().cabin(),
                tasks.all(),
                model.yard().state().crew().people().all().stream()
                        .map(Named::name)
                        .toList(),
                model.today());
    }

    private String place() {
        return model.picked().map(part -> part.name()).orElse("right rear floor");
    }

    private String awaited() {
        return tasks.all().stream()
                .filter(SupposedText::isAwaited)
                .map(Task::what)
                .findFirst()
                .orElse("the parcel");
    }

    private String somebody() {
        return model.yard().state().crew().people().all().stream()
                .map(Named::name)
                .findFirst()
                .orElse("somebody");
    }

    @Override
    protected Node first() {
        return line.field();
    }

    @Override
    protected void refresh() {
        line.readAgain();
        if (model.versionProperty().get() != of) beside.forget();
        if (!told.getChildren().isEmpty() && model.versionProperty().get() != of) {
            clear();
            answer.setText("Something has changed since that was worked out. " + ASKS);
        }
        kept.getChildren()
                .setAll(model.job().ifs().all().stream().map(this::card).toList());
    }

    @Override
    protected void closed() {
        if (running != null) running.stop();
        running = null;
        getStyleClass().remove(Styles.WORKING);
    }

    private Node card(WhatIfKept one) {
        var words = Nodes.label(Words.capital(one.said()), Styles.STRONG);
        var card = Nodes.row(
                8,
                words,
                Nodes.button(
                        "See what it does",
                        "Worked out anew, as things stand",
                        () -> ask(new Supposed.Kept(one.id(), one.said(), one.what()))),
                Nodes.button("It is so", "It has come about", () -> take(one.what(), Optional.of(one.id()))),
                Nodes.button("Drop it", "It will not be so", () -> model.make(new WhatIfDropped(one.id()))));
        card.getStyleClass().add(Styles.CARD);
        card.setId("kept-" + one.id());
        return card;
    }

    private boolean ask(Supposed supposed) {
        closed();
        told.getChildren().clear();
        deeds.getChildren().clear();
        saved.setText("");
        answer.setText("Working out what that does …");
        getStyleClass().add(Styles.WORKING);
        of = model.versionProperty().get();
        var asked = AskedDays.of(model);
        var was = desk.last();
        running = model.background()
                .ask(
                        "working out what if",
                        Takes.A_MOMENT,
                        run -> Tried.of(
                                supposed,
                                asked,
                                was,
                                first -> Platform.runLater(() -> {
                                    if (!run.isStopped()) show(first);
                                }),
                                run::isStopped),
                        tried -> {
                            getStyleClass().remove(Styles.WORKING);
                            show(tried);
                        },
                        this::failed);
        return true;
    }

    private void failed(Exception fault) {
        getStyleClass().remove(Styles.WORKING);
        answer.setText("That cannot be worked out.");
        wrong.setText(Because.of(fault));
    }

    private void show(Tried tried) {
        answer.setText(TriedWords.answer(tried));
        beside.add(tried);
        told.getChildren().setAll(Nodes.label(Words.capital(tried.said()), Styles.HEADING));
        told.getChildren().addAll(sections(tried));
        deeds.getChildren().setAll(deeds(tried));
    }

    private List<Node> deeds(Tried tried) {
        var buttons = new ArrayList<Node>();
        switch (tried.supposed()) {
            case Supposed.Gone gone ->
                buttons.add(Nodes.chief("It is so", "They are away then", () -> {
                    model.yard()
                            .state()
                            .crew()
                            .people()
                            .findOne(gone.person())
                            .ifPresent(person -> model.yard()
                                    .make(new OfCrew(new PersonSaid(person.name(), Tried.away(person, gone)))));
                    clear();
                }));
            case Supposed.Kept(var id, var _, var change) ->
                buttons.add(Nodes.chief("It is so", "Note it: it has come about", () -> take(change, Optional.of(id))));
            case Supposed.Found _, Supposed.Comes _ -> {
                var change = tried.change().orElseThrow();
                buttons.add(
                        Nodes.chief("It is so", "Note it: it has come about", () -> take(change, Optional.empty())));
                var keep = Nodes.button("Keep it beside the plan", "It may come; the job is not touched", () -> {
                    model.make(new WhatIfKept(model.job().ifs().nextId(), tried.said(), change));
                    clear();
                });
                keep.setId("keep-it");
                buttons.add(keep);
            }
        }
        if (!tried.cars().isEmpty() && tried.consequence().isPresent()) {
            var letter = Nodes.button(
                    "Letter to the owner", "What it is, what it means, and room for a word", () -> letter(tried));
            letter.setId("what-if-letter");
            buttons.add(letter);
        }
        buttons.add(Nodes.button("Drop it", "Forget it", this::clear));
        buttons.getFirst().setId("it-is-so");
        return buttons;
    }

    private void letter(Tried tried) {
        model.papers()
                .letter(Words.capital(tried.said()), TriedWords.letter(model, tried))
                .ifPresent(file -> saved.setText("Saved to " + file));
    }

    private void take(JobChange thought, Optional<String> was) {
        var change = AsThingsStand.of(thought, model.job());
        model.make(was.map(id -> Together.of(List.of(change, new WhatIfDropped(id))))
                .orElse(change));
        clear();
    }

    private void clear() {
        told.getChildren().clear();
        deeds.getChildren().clear();
        answer.setText(ASKS);
    }

    private List<Node> sections(Tried tried) {
        var all = new ArrayList<Node>();
        all.add(section("The days", TriedWords.days(tried), words -> words));
        all.add(section("%s".formatted(Words.day(tried.next())), TriedWords.few(tried.tomorrow()), Words::capital));
        tried.consequence().ifPresent(what -> {
            all.add(section("Stops", TriedWords.stops(model.job().cabin(), tried, what), Words::capital));
            all.add(section("Comes off again", TriedWords.again(model.job().cabin(), what), Words::capital));
            all.add(section("Goes on meanwhile", TriedWords.meanwhile(what), Words::capital));
            all.add(section("What it costs", TriedWords.cost(model, tried, what), words -> words));
        });
        all.removeIf(node -> ((VBox) node).getChildren().size() < 2);
        var left = Nodes.column(14);
        var right = Nodes.column(14);
        for (var i = 0; i < all.size(); i++)
            (i % 2 == 0 ? left : right).getChildren().add(all.get(i));
        for (var column : List.of(left, right)) {
            column.setPrefWidth(420);
            column.setMinWidth(0);
            HBox.setHgrow(column, Priority.ALWAYS);
        }
        return List.of(Nodes.row(20, left, right));
    }

    private static VBox section(String title, List<String> lines, Function<String, String> said) {
        var box = Nodes.column(4, Nodes.label(title, Styles.HEADING));
        box.setId("what-if-" + title.toLowerCase(Locale.ROOT).replace(' ', '-'));
        lines.forEach(words -> box.getChildren().add(Nodes.label(said.apply(words))));
        box.getStyleClass().add(Styles.CARD);
        return box;
    }
}
