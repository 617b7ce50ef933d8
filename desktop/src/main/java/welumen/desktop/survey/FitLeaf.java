package welumen.desktop.survey;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.FileChoice;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.WordLine;
import welumen.files.json.BadFile;
import welumen.files.outline.OutlineReader;
import welumen.files.outside.Outside;
import welumen.job.JobChange.AtSurvey;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Outline;
import welumen.survey.Station;
import welumen.survey.Station.Verdict;
import welumen.survey.StationText;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.treatment.fit.LaidOver;
import welumen.treatment.fit.Needed;
import welumen.treatment.fit.Routes;

/** Buy or make, by measure: where the bought part is over and where short, what hides it, and what each way costs. */
final class FitLeaf extends Leaf {
    private final WordLine<List<Station>> line;
    private final Button keep = Nodes.chief("Measured", "Keep what the outlines say", this::keepLaid);
    private final FitFelt felt = new FitFelt();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final VBox routes = new VBox(8);
    private final ComboBox<Integer> edge = new ComboBox<>();
    private final TextField lap = new TextField();
    /** What two outlines say, until it is kept. */
    private List<Station> laid = List.of();

    private Optional<Needed> place = Optional.empty();
    private Optional<Outline> bought = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    FitLeaf(JobModel model) {
        super(model);
        line = new WordLine<List<Station>>(
                        "stations",
                        "Where it must reach, and how far it does",
                        StationText::read,
                        stations -> stations.stream().map(StationText::line).toList())
                .example("A place, and how far the bought part reaches there")
                .named(() -> "tunnel")
                .knows("Over", Lengths.example(" over 12", " over 1/2"), "It reaches too far there, and can be trimmed")
                .knows("Short", Lengths.example(" short 6", " short 1/4"), "It does not reach there")
                .knows(
                        "Covered",
                        Lengths.example("covered |20|", "covered |3/4|"),
                        "By how much another part laps that place")
                .onEnter(this::measured, wrong::setText);
        answer.setId("fit-answer");
        wrong.setId("fit-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        routes.setId("routes");
        keep.setId("measured");
        keep.setVisible(false);
        keep.managedProperty().bind(keep.visibleProperty());
        var lay = Nodes.button(
                "Lay outlines over each other", "Two outline files: the needed one, then the bought one", this::choose);
        lay.setId("lay-outlines");
        felt.onPen(this::pick, keepOut -> relay(Needed::keepingOut, keepOut));
        var left = Nodes.column(8, line, Nodes.row(10, keep, lay), wrong, laps(), felt);
        VBox.setVgrow(felt, Priority.ALWAYS);
        left.setMinWidth(0);
        getChildren().addAll(Nodes.beside(left, Nodes.scroll(routes), 350));
    }

    /** What other parts hide and what must stay free; only while outlines are laid over each other. */
    private Node laps() {
        edge.setId("lapped-edge");
        WordCell.in(edge, number -> "edge %d".formatted(number + 1));
        lap.setId("lap-mm");
        lap.setPrefColumnCount(6);
        lap.setOnAction(_ -> lapped());
        var fewer = Nodes.button(
                "Last keep-out away",
                "Forget what was drawn last as to stay free",
                () -> relay(
                        (place, _) -> place.withoutLastKeepOut(),
                        place.orElseThrow().outline()));
        fewer.setId("keep-out-away");
        var row = Nodes.row(
                10, Nodes.field("Another part laps", edge), Nodes.field("by, mm; Enter", lap), Nodes.level(fewer));
        row.setId("laps");
        row.managedProperty().bind(row.visibleProperty());
        row.visibleProperty().bind(edge.itemsProperty().flatMap(Bindings::isNotEmpty));
        return row;
    }

    private void pick(int newEdge) {
        edge.setValue(newEdge);
        lap.requestFocus();
    }

    private void lapped() {
        switch (Length.parse(lap.getText())) {
            case Refused<Length>(var why) -> wrong.setText(why);
            case Understood<Length>(var length) -> {
                wrong.setText("");
                if (length.mm() < 0) wrong.setText("A lap is not below nought.");
                else if (edge.getValue() != null) relay((now, by) -> now.lapped(edge.getValue(), by), length.mm());
            }
        }
    }

    private <T> void relay(BiFunction<Needed, T, Needed> change, T with) {
        if (place.isEmpty() || bought.isEmpty()) return;
        place = Optional.of(change.apply(place.get(), with));
        layAgain();
    }

    @Override
    protected Node first() {
        return line.field();
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        var part = model.picked();
        if (part.isEmpty()) return;
        laid = List.of();
        keep.setVisible(false);
        place = Optional.empty();
        bought = Optional.empty();
        edge.getItems().clear();
        var lapped = model.job().measuredOf(part.get().id());
        felt.show(lapped);
        show(part.get(), lapped, false);
    }

    private void show(Part part, List<Station> stations, boolean entersKeepOut) {
        routes.getChildren().clear();
        if (stations.isEmpty()) {
            answer.setText("Lay the bought part in, and measure each edge against where it must reach.");
            return;
        }
        answer.setText(answer(stations, entersKeepOut));
        var words = new AdviceWords(model.currencySign());
        for (var route : Routes.of(part, stations, entersKeepOut, true, model.terms())) {
            var card = Nodes.column(
                    3,
                    Nodes.label(Words.capital(route.word()), Styles.STRONG),
                    Nodes.label(
                            "%s · %s · %s · %s"
                                    .formatted(
                                            Words.hours(route.hours()),
                                            words.money(route.cost()),
                                            route.finish().said(),
                                            Words.many((int) route.days(), "day")),
                            Styles.MEASURE));
            if (!route.why().isEmpty())
                card.getChildren()
                        .add(Nodes.label(
                                (route.isOpen() ? "Mind: " : "No: ") + route.why() + ".",
                                route.isOpen() ? Styles.SECOND : Styles.DANGER));
            card.getStyleClass().add(Styles.CARD);
            routes.getChildren().add(card);
        }
        for (var station : stations) routes.getChildren().add(row(station));
    }

    private Node row(Station station) {
        var words = Nodes.label(
                "%s: %s".formatted(StationText.line(station), station.verdict().word()),
                station.verdict() == Verdict.SHORT ? Styles.DANGER : Styles.SECOND);
        if (known().stream().noneMatch(one -> one.where().equals(station.where()))) return words;
        var strike = Nodes.button("✕", "It was measured wrongly there", () -> strike(station));
        strike.setAccessibleText("Strike out the measure at " + station.where());
        strike.setId("strike-" + station.where().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        strike.getStyleClass().add("tool");
        return Nodes.row(8, Nodes.grown(words), strike);
    }

    private static String answer(List<Station> stations, boolean entersKeepOut) {
        var tooShort = stations.stream()
                .filter(one -> one.verdict() == Verdict.SHORT)
                .map(Station::where)
                .toList();
        var trims =
                stations.stream().filter(one -> one.verdict() == Verdict.TRIM).count();
        if (!tooShort.isEmpty())
            return "It cannot be trimmed to fit: too short at %s.".formatted(String.join(" and at ", tooShort));
        if (entersKeepOut) return "It reaches where it must, but also into what must stay free.";
        return trims == 0
                ? "It fits as it is."
                : "It fits once it is trimmed at %s.".formatted(Words.many((int) trims, "place"));
    }

    private List<Station> known() {
        return model.picked()
                .map(part -> model.job().survey().measured().getOrDefault(part.id(), List.of()))
                .orElse(List.of());
    }

    /** In place of what was measured at the same places before. */
    private boolean measured(List<Station> more) {
        var all = new ArrayList<>(known());
        for (var one : more) {
            all.removeIf(old -> old.where().equalsIgnoreCase(one.where()));
            all.add(one);
        }
        return keep(all);
    }

    private void keepLaid() {
        keep(laid);
    }

    private boolean keep(List<Station> stations) {
        var part = model.picked();
        return part.isPresent()
                && model.make(new AtSurvey(new FitMeasured(part.get().id(), stations)));
    }

    private void strike(Station station) {
        keep(known().stream()
                .filter(one -> !one.where().equals(station.where()))
                .toList());
    }

    private void choose() {
        outline("The outline that is needed")
                .ifPresent(
                        needed -> outline("The outline of the bought part").ifPresent(bought -> lay(needed, bought)));
    }

    private Optional<Path> outline(String title) {
        return FileChoice.one(getScene().getWindow(), title, "Outlines", List.of("*.json"));
    }

    /** Lays the second over the first as well as can be. */
    void lay(Path needed, Path boughtFile) {
        var part = model.picked();
        if (part.isEmpty()) return;
        try {
            var must = OutlineReader.needed(Outside.text(needed));
            bought = Optional.of(OutlineReader.read(Outside.text(boughtFile)));
            place = Optional.of(must);
            wrong.setText("");
            edge.getItems()
                    .setAll(IntStream.range(0, must.outline().corners().size())
                            .boxed()
                            .toList());
            edge.getSelectionModel().selectFirst();
            layAgain();
        } catch (BadFile fault) {
            wrong.setText("An outline cannot be read: " + fault.getMessage());
        }
    }

    /** What was found is kept once “Measured” is pressed. */
    private void layAgain() {
        var over = LaidOver.best(place.orElseThrow(), bought.orElseThrow());
        felt.show(place.get(), over);
        var worst = over.worstByEdge();
        laid = worst;
        keep.setVisible(true);
        show(model.picked().orElseThrow(), worst, !over.entered().isEmpty());
    }
}
