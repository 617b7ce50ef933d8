package welumen.desktop.intake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.cabin.Within;
import welumen.cabin.body.Body;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.NamedFirst;
import welumen.intake.IntakeChange.PartMissing;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.InCabin;
import welumen.job.StrikingOff;
import welumen.job.TakingIn;
import welumen.strip.order.RefitLinks;

/** The car's parts: filled in one step by its body, then put right one by one. The picked part is the one described. */
final class PartsSection extends Leaf {
    private static final int LONGEST_NAME = 60;

    private final FlowPane bodies = new FlowPane(10, 10);
    private final VBox form = new VBox(12);
    private final PartsList list;
    private final TextField name = new TextField();
    private final TextField material = new TextField();
    private final TextField onlyWhere = new TextField();
    private final ComboBox<PartKind> kind = new ComboBox<>();
    private final ComboBox<Side> side = new ComboBox<>();
    private final ComboBox<Spot> spot = new ComboBox<>();
    private final ComboBox<Supply> supply = new ComboBox<>();
    private final ComboBox<Within> within = new ComboBox<>();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private Side wheel = Side.RIGHT;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PartsSection(JobModel model) {
        super(model);
        list = new PartsList(model);
        list.managedProperty().bind(list.visibleProperty());
        name.setId("part-name");
        material.setId("part-material");
        onlyWhere.setPromptText("a feature to look for, if not every car has it");
        kind.getItems().setAll(PartKind.values());
        side.getItems().setAll(Side.values());
        spot.getItems().setAll(Spot.values());
        supply.getItems().setAll(Supply.values());
        WordCell.in(kind, PartKind::word);
        WordCell.in(side, Side::word);
        WordCell.in(spot, PartsSection::sided);
        WordCell.in(supply, Supply::word);
        WordCell.in(within, this::word);
        Stream.of(kind, side, spot, supply, within).forEach(box -> box.setMaxWidth(Double.MAX_VALUE));
        var fields = new GridPane(16, 12);
        fields.addRow(0, Nodes.field("Name", name), Nodes.field("Kind", kind), Nodes.field("Side", side));
        fields.addRow(
                1,
                Nodes.field("Material as it came", material),
                Nodes.field("Supply", supply),
                Nodes.field("Place", spot));
        fields.addRow(2, Nodes.field("Only where", onlyWhere), Nodes.field("Comes off with", within));
        name.setPrefWidth(320);
        var keep = Nodes.chief("Keep", "Describe the part so, or list it where the name is new", this::keep);
        keep.setId("keep-part");
        var missing =
                Nodes.button("Came without it", "Missing when the car came in, or there after all", this::cameWithout);
        missing.setId("came-without");
        var strike = Nodes.button("Strike off", "This car does not have it", this::strikeOff);
        strike.setId("strike-off");
        form.getChildren().addAll(fields, Nodes.row(12, keep, missing, strike, wrong));
        name.setOnAction(_ -> keep());
        material.setOnAction(_ -> keep());
        getChildren().addAll(bodies, list, form);
    }

    @Override
    protected Node first() {
        return model.job().cabin().parts().isEmpty() ? bodies.getChildren().getLast() : name;
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        var parts = model.job().cabin().parts();
        var empty = parts.isEmpty();
        answer.setText(
                empty
                        ? "What body is it? All its usual parts are listed in one step, with what usually holds them"
                                + (earlierCars("").stream().noneMatch(TakingIn.Earlier::isOfName)
                                        ? "."
                                        : ", and with what earlier cars taught.")
                        : "%s are listed. Pick one here or in the cabin, and put it right; a new name lists another."
                                        .formatted(Words.many(parts.size(), "part"))
                                + shortage());
        bodies.setVisible(empty);
        bodies.setManaged(empty);
        list.setVisible(!empty);
        form.setVisible(!empty);
        form.setManaged(!empty);
        if (empty) showBodies();
        else {
            list.refresh();
            model.picked().ifPresent(this::show);
        }
    }

    private void showBodies() {
        bodies.getChildren().clear();
        for (var one : List.of(Side.LEFT, Side.RIGHT)) {
            var button = Nodes.button("Wheel on the " + one.word(), "Where the driver sits", () -> {
                wheel = one;
                showBodies();
            });
            button.setId("wheel-" + one.word());
            if (one == wheel) button.getStyleClass().add(Styles.CHIEF);
            bodies.getChildren().add(button);
        }
        for (var body : Body.values()) {
            var words = Words.capital(body.word()) + "\n" + body.meaning();
            var button = Nodes.button(words, "List the parts of a " + body.word(), () -> fill(body));
            button.setId("body-" + body.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().add("tall");
            button.setPrefWidth(420);
            bodies.getChildren().add(button);
        }
    }

    /** The body's usual parts and rules, then what earlier cars of this name taught. */
    private void fill(Body body) {
        if (model.makeTogether(TakingIn.known(body, wheel, earlierCars(body.word()))))
            model.pickedProperty().set(model.job().cabin().parts().getFirst().id());
    }

    private List<TakingIn.Earlier> earlierCars(String body) {
        return model.job()
                .intake()
                .known()
                .map(car -> model.others().teaching(car.name(), body).stream()
                        .filter(earlier -> earlier.job() != model.own()) // it does not teach itself
                        .toList())
                .orElse(List.of());
    }

    private void show(Part part) {
        name.setText(part.name());
        material.setText(part.material());
        onlyWhere.setText(part.onlyWhere());
        kind.setValue(part.kind());
        side.setValue(part.side());
        spot.setValue(part.spot());
        supply.setValue(part.supply());
        var places = new ArrayList<Within>();
        places.add(new Within.TheCar());
        for (var other : model.job().cabin().parts())
            if (other.within() instanceof Within.TheCar && !other.id().equals(part.id()))
                places.add(new Within.Assembly(other.id()));
        within.getItems().setAll(places);
        within.setValue(part.within());
    }

    private void keep() {
        if (name.getText().strip().length() > LONGEST_NAME) {
            wrong.setText(
                    "A name of %d letters fits on no label: %d at the most. What else there is to say goes to the material."
                            .formatted(name.getText().strip().length(), LONGEST_NAME));
            name.requestFocus();
            return;
        }
        try {
            var id = PartId.named(name.getText());
            if (model.picked().filter(part -> part.id().equals(id)).isEmpty()
                    && model.job().cabin().findOne(id).isPresent()) {
                wrong.setText("There is a %s already: pick it to describe it, or give this one another name."
                        .formatted(name.getText().strip()));
                name.requestFocus();
                return;
            }
            var part = new Part(
                    id,
                    name.getText().strip(),
                    kind.getValue(),
                    side.getValue(),
                    spot.getValue(),
                    material.getText().strip(),
                    supply.getValue(),
                    within.getValue(),
                    onlyWhere.getText().strip());
            if (model.make(new InCabin(new PartsListed(List.of(part)))))
                model.pickedProperty().set(part.id());
        } catch (IllegalArgumentException unnamed) {
            wrong.setText("“%s” is no name for a part: give it letters.".formatted(name.getText()));
            name.requestFocus();
        }
    }

    /** All that are marked, where the picked one is among them. */
    private List<Part> meant() {
        var marked = list.marked();
        return model.picked()
                .map(part -> marked.contains(part) ? marked : List.of(part))
                .orElse(List.of());
    }

    private void cameWithout() {
        var missing = model.job().brief().missing();
        model.makeTogether(meant().stream()
                .map(part -> new AtIntake(new PartMissing(part.id(), !missing.contains(part.id()))))
                .toList());
    }

    /** What was missing when the car came in, what can no longer be had first. */
    private String shortage() {
        var missing = model.job().cabin().parts().stream()
                .filter(part -> model.job().brief().missing().contains(part.id()))
                .sorted(Comparator.comparing((Part part) -> part.supply() != Supply.NO_LONGER_MADE))
                .map(part -> "%s (%s%s)".formatted(part.name(), part.supply().word(), blocks(part)))
                .toList();
        return missing.isEmpty() ? "" : " It came without: %s.".formatted(String.join(", ", missing));
    }

    /** The parts that cannot go back before it is there. */
    private String blocks(Part missing) {
        var waiting = RefitLinks.laterThan(model.job().strip(), missing.id()).stream()
                .map(later -> model.job().cabin().one(later).name())
                .toList();
        return waiting.isEmpty() ? "" : "; %s cannot go back before it".formatted(String.join(" and ", waiting));
    }

    private void strikeOff() {
        var part = model.picked();
        if (part.isEmpty()) return;
        var id = part.get().id();
        var objection = StrikingOff.objection(model.own(), id);
        if (!objection.isEmpty()) wrong.setText(objection);
        else
            NamedFirst.unless(
                    wrong,
                    StrikingOff.hangs(model.own(), id),
                    () -> model.makeTogether(StrikingOff.changes(model.own(), id)));
    }

    private String word(Within place) {
        return switch (place) {
            case Within.TheCar() -> "nothing: it is the car's own";
            case Within.Assembly(var part) ->
                model.job().cabin().findOne(part).map(Part::name).orElse(part.value());
        };
    }

    private static String sided(Spot spot) {
        var side = spot.name().endsWith("LEFT") ? "left " : spot.name().endsWith("RIGHT") ? "right " : "";
        return side + spot.word();
    }
}
