package welumen.desktop.yard;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.measure.Lengths;
import welumen.yard.CrewChange.PlaceDropped;
import welumen.yard.CrewChange.PlaceSaid;
import welumen.yard.Place;
import welumen.yard.SlotText;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfCrew;

/** Benches, machines, tables, the spray place, and the room for cars: how many of each, and how much one takes at once. */
final class PlacesLeaf extends ShelfLeaf<Place> {
    private final TextField name = CountFields.field("place-name", 16, this::keep);
    private final ComboBox<Place.Kind> kind = new ComboBox<>();
    private final TextField count = CountFields.field("place-count", 4, this::keep);
    private final TextField holds = CountFields.field("place-holds", 4, this::keep);
    private final TextField length = CountFields.field("place-length", 5, this::keep);
    private final TextField width = CountFields.field("place-width", 5, this::keep);
    private final TextField slots = CountFields.field("place-slots", 18, this::keep);
    private final Label each = Nodes.whole("", Styles.HEADING);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PlacesLeaf(JobModel model) {
        super(model, "place");
        kind.setId("place-kind");
        kind.getItems().setAll(Place.Kind.values());
        WordCell.in(kind, Place.Kind::word);
        kind.setMaxWidth(Double.MAX_VALUE);
        kind.valueProperty().subscribe(one -> each.setText(one == null ? "" : "One takes " + one.counts()));
        each.setLabelFor(holds);
        fields(
                Nodes.field("Name", name),
                Nodes.field("What it is", kind),
                Nodes.row(12, Nodes.field("How many", count), Nodes.column(4, each, holds)),
                Nodes.row(12, Nodes.field("Length of a table", length), Nodes.field("and width", width)),
                Nodes.field("Can be used; else when somebody is here", slots));
        slots.setPromptText("Mon to Fri 18 to 20:30");
    }

    @Override
    protected String says() {
        var cars = all().stream()
                .filter(place -> place.kind() == Place.Kind.CAR_PLACE)
                .mapToInt(Place::count)
                .sum();
        if (all().isEmpty()) return "No bench, machine or place is listed yet.";
        return cars == 0
                ? "%s.".formatted(Words.many(all().size(), "place"))
                : "There is room for %s.".formatted(Words.many(cars, "car"));
    }

    @Override
    protected Node first() {
        return name;
    }

    @Override
    List<Place> all() {
        return model.yard().state().crew().places().all();
    }

    @Override
    List<String> said(Place one) {
        var size = one.lengthMm() > 0
                ? ", %s × %s".formatted(Lengths.said(one.lengthMm()), Lengths.said(one.widthMm()))
                : "";
        return List.of(
                "%d × %s%s".formatted(one.count(), one.kind().word(), size),
                "%d %s".formatted(one.holds(), one.kind().counts()),
                SlotText.say(one.slots()));
    }

    @Override
    void show(Optional<Place> one) {
        name.setText(one.map(Place::name).orElse(""));
        kind.setValue(one.map(Place::kind).orElse(Place.Kind.BENCH));
        count.setText(Integer.toString(one.map(Place::count).orElse(1)));
        holds.setText(Integer.toString(one.map(Place::holds).orElse(1)));
        length.setText(CountFields.lengthText(one.map(Place::lengthMm).orElse(0.0)));
        width.setText(CountFields.lengthText(one.map(Place::widthMm).orElse(0.0)));
        slots.setText(one.map(Place::slots).map(SlotText::say).orElse(""));
    }

    @Override
    Place read() {
        return new Place(
                name.getText(),
                kind.getValue(),
                CountFields.of(count, 1),
                CountFields.of(holds, 1),
                CountFields.mm(length),
                CountFields.mm(width),
                SlotText.read(slots.getText()).orThrow());
    }

    @Override
    YardChange kept(String was, Place now) {
        return new OfCrew(new PlaceSaid(was, now));
    }

    @Override
    YardChange dropped(Place one) {
        return new OfCrew(new PlaceDropped(one.name()));
    }

    @Override
    String hangs(Place one) {
        return "";
    }

    @Override
    String none() {
        return "No bench, machine or place is listed yet. Type a name beside, say what it is, then Enter.";
    }
}
