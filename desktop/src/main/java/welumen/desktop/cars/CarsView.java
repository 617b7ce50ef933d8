package welumen.desktop.cars;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OtherCars.Other;
import welumen.desktop.model.Screen;
import welumen.desktop.stage.StagePane;
import welumen.job.CarWaits;
import welumen.job.Job;
import welumen.yard.CarFile;

/** The cars of the yard and what each waits for; another one comes in beside them. */
public final class CarsView extends StagePane {
    /** Width in pixels of a car’s card with its buttons. */
    private static final double LIST = 440;

    private static final double FORM = 372;

    private final VBox list = new VBox(10);
    private final AnotherCar another;
    private final Label said = Nodes.label("", Styles.DANGER);
    private final ScrollPane scroll;
    private boolean showsClosed;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public CarsView(JobModel model) {
        super(model);
        another = new AnotherCar(model);
        list.setId("cars");
        var form = Nodes.scroll(another);
        scroll = Nodes.grown(Nodes.scroll(list));
        var both = Nodes.beside(scroll, form, FORM).wide(LIST);
        said.setId("cars-said");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        getChildren().addAll(said, both);
    }

    @Override
    public Node first() {
        var open = list.lookup("#turn-to-open");
        if (open != null) return open;
        return another.first();
    }

    @Override
    protected void refresh() {
        var cars = model.yard().state().garage().all();
        var working = cars.stream().filter(CarFile::isInWork).toList();
        headline.say(model.workshopName(), answer(working), more(cars));
        list.getChildren().clear();
        scroll.setVisible(!cars.isEmpty()); // else the form stands where the list would
        for (var car : working) list.getChildren().add(card(car));
        var aside = cars.stream()
                .filter(car -> car.standing() instanceof CarFile.Standing.SetAside)
                .toList();
        if (!aside.isEmpty()) list.getChildren().add(Nodes.whole("Set aside", Styles.HEADING));
        for (var car : aside) list.getChildren().add(card(car));
        var closed = cars.stream().filter(CarFile::isClosed).toList();
        if (!closed.isEmpty()) list.getChildren().add(closed(closed));
        if (showsClosed) for (var car : closed) list.getChildren().add(card(car));
        another.refresh();
        said.setText("");
    }

    private static String answer(List<CarFile> working) {
        return switch (working.size()) {
            case 0 -> "No car is being worked on.";
            case 1 -> "One car is being worked on.";
            default -> Words.count(working.size()) + " cars are being worked on.";
        };
    }

    private String more(List<CarFile> cars) {
        if (cars.isEmpty()) return "Take the first one in: its body brings its parts along.";
        if (model.others().isReading()) return "What each waits for is being read.";
        var late = cars.stream()
                .filter(CarFile::isInWork)
                .flatMap(car -> waits(car).stream().limit(1).map(wait -> car.title() + ": " + wait))
                .toList();
        if (late.isEmpty()) return "None of them waits for anybody.";
        return late.getFirst().endsWith("?") ? late.getFirst() : late.getFirst() + ".";
    }

    private Button closed(List<CarFile> closed) {
        var button = Nodes.button(
                (showsClosed ? "Hide those that went home" : "Show those that went home") + " · " + closed.size(),
                "Their logs are kept, and can be looked at",
                () -> {
                    showsClosed = !showsClosed;
                    refresh();
                });
        button.setId("show-closed");
        return button;
    }

    private List<String> waits(CarFile car) {
        return state(car).map(state -> CarWaits.of(state, model.today())).orElse(List.of());
    }

    private Optional<Job> state(CarFile car) {
        return model.others().everyCar().stream()
                .filter(other -> other.file().job().equals(car.job()))
                .map(Other::state)
                .findFirst();
    }

    private Node card(CarFile car) {
        var isOpen = car.job().equals(model.openedProperty().get().job());
        var words = new VBox(3, Nodes.label(car.title(), Styles.STRONG));
        words.setMinWidth(0);
        words.getChildren().add(Nodes.label(standing(car, isOpen) + agreed(car), Styles.NOTE));
        var waits = waits(car);
        for (var wait : waits.stream().limit(3).toList())
            words.getChildren().add(Nodes.label("· " + wait, Styles.SECOND));
        if (waits.size() > 3)
            words.getChildren().add(Nodes.label("· and %d more".formatted(waits.size() - 3), Styles.NOTE));
        var trouble = model.others().trouble(car.job());
        if (!trouble.isEmpty()) words.getChildren().add(Nodes.label(trouble, Styles.DANGER));
        var row = new HBox(16, Nodes.grown(words), buttons(car, isOpen));
        row.getStyleClass().add(Styles.CARD);
        row.pseudoClassStateChanged(Styles.PICKED, isOpen);
        row.setMinHeight(USE_PREF_SIZE);
        return row;
    }

    private String standing(CarFile car, boolean isOpen) {
        return switch (car.standing()) {
            case CarFile.Standing.InWork() -> isOpen ? "on your bench now" : "being worked on";
            case CarFile.Standing.SetAside(var why) -> "set aside" + (why.isBlank() ? "" : ": " + why);
            case CarFile.Standing.Closed(var day) -> "went home on " + Words.dayOfYear(day);
        };
    }

    /** What was agreed, and how long there is for it. */
    private String agreed(CarFile car) {
        return state(car)
                .flatMap(job -> job.intake().agreed())
                .map(agreement -> "; %s, for %s, due %s"
                        .formatted(
                                agreement.standard().word().toLowerCase(Locale.UK),
                                agreement.budget().print(),
                                Words.day(agreement.due())))
                .orElse("");
    }

    private Node buttons(CarFile car, boolean isOpen) {
        var buttons = new ArrayList<Button>();
        var turn = Nodes.button(isOpen ? "Back to it" : "Turn to it", "Show this car where you left it (Enter)", () -> {
            if (model.open(car)) model.screenProperty().set(Screen.STAGE);
        });
        turn.setId(isOpen ? "turn-to-open" : "turn-to-" + car.job());
        buttons.add(turn);
        buttons.addAll(CarStandings.buttons(model, car, said));
        if (isOpen) turn.getStyleClass().add(Styles.CHIEF);
        var row = Nodes.row(8, buttons.toArray(Node[]::new));
        row.setMinWidth(USE_PREF_SIZE);
        return row;
    }
}
