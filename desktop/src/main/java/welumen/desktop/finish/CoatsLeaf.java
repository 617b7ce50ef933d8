package welumen.desktop.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.finish.FinishChange.OnCoating;
import welumen.finish.coat.Binder;
import welumen.finish.coat.CoatSystem;
import welumen.finish.coat.Ground;
import welumen.finish.coat.HideRepair;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingChange.CoatingBegun;
import welumen.job.JobChange.AtFinish;
import welumen.pattern.PartOutline;
import welumen.yard.Products;

/** The coats of a surface, or a hide that is mended, as a row of steps with their waits; what does not go together is refused. */
public final class CoatsLeaf extends Leaf {
    private static final double MM2 = 1e6;

    private final ComboBox<Ground> ground = new ComboBox<>();
    private final ComboBox<Binder> binder = new ComboBox<>();
    private final ComboBox<Binder> under = new ComboBox<>();
    private final CheckBox bare = new CheckBox("It is bare");
    private final TextField coats = number("coats-colour", "3");
    private final TextField clears = number("coats-clear", "1");
    private final VBox coating = new VBox(6);
    private final TextField area = number("coat-area", "0.5");
    private final MendingColumn mending;
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Label begun = Nodes.label("", Styles.SECOND);
    private final Button beginCoats =
            Nodes.chief("Begin these coats", "It goes on its way, step by step", () -> begin(false));
    private Optional<PartId> shown = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public CoatsLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.PICKED);
        answer.setId("coats-answer");
        coating.setId("coat-steps");
        wrong.setId("coats-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        choices(ground, "coat-ground", List.of(Ground.values()), Ground::word, Ground.HARD_PLASTIC);
        choices(binder, "coat-binder", List.of(Binder.values()), Binder::word, Binder.ACRYLIC);
        choices(under, "coat-under", List.of(Binder.values()), Binder::word, Binder.ACRYLIC);
        bare.setId("coat-bare");
        bare.setMinHeight(40);
        bare.setSelected(true);
        bare.setOnAction(_ -> show());
        beginCoats.setId("begin-coats");
        mending = new MendingColumn(model, this::show, () -> begin(true));
        var left = column(
                "Coated",
                Nodes.form(
                        12,
                        Nodes.field("What it is", ground),
                        Nodes.field("With", binder),
                        Nodes.field("Over", under),
                        Nodes.level(bare),
                        Nodes.field("Coats of colour", coats),
                        Nodes.field("and of clear", clears),
                        Nodes.field("Square metres", area),
                        Nodes.level(beginCoats)),
                coating);
        var both = Nodes.row(24, left, mending);
        VBox.setVgrow(both, Priority.ALWAYS);
        begun.setId("coats-begun");
        begun.managedProperty().bind(begun.textProperty().isNotEmpty());
        getChildren().addAll(wrong, begun, both);
    }

    private TextField number(String id, String usual) {
        var field = new TextField(usual);
        field.setId(id);
        field.setPrefColumnCount(3);
        field.setOnAction(_ -> show());
        return field;
    }

    private <T> void choices(ComboBox<T> box, String id, List<T> all, Function<T, String> word, T usual) {
        box.setId(id);
        WordCell.in(box, word);
        box.getItems().setAll(all);
        box.setValue(usual);
        box.setOnAction(_ -> show());
    }

    private static VBox column(String title, Node asked, VBox steps) {
        var column = Nodes.column(10, Nodes.whole(title, Styles.HEADING), Nodes.scroll(Nodes.column(10, asked, steps)));
        column.setMinWidth(0);
        column.setPrefWidth(440);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    @Override
    protected Node first() {
        return ground;
    }

    @Override
    protected void refresh() {
        var picked = model.picked().map(Part::id);
        if (!picked.equals(shown)) {
            shown = picked;
            begun.setText("");
            model.picked().map(CoatsLeaf::likely).ifPresent(ground::setValue);
            if (ground.getValue().bends()) binder.setValue(Binder.FLEXIBLE);
            mending.turnTo(model.picked());
            model.picked().map(this::squareMetres).map(Typed::text).ifPresent(area::setText);
        }
        show();
    }

    /** Of its own piece, where one stands for it; else as such a part usually is. */
    private double squareMetres(Part part) {
        return PartOutline.of(model.job().patterns().of(part.id()))
                        .orElseGet(() -> part.kind().outline())
                        .area()
                / MM2;
    }

    /** What a part is of as a rule: a guess to put right. */
    private static Ground likely(Part part) {
        return switch (part.kind()) {
            case SEAT, REAR_SEAT, COVER, HEADREST -> Ground.LEATHER;
            case DOOR_CARD, ARMREST, PAD, GAITER, VISOR -> Ground.VINYL;
            case DASH, FRAME, RUNNERS, SHELL -> Ground.METAL;
            case BOARD, SHELF -> Ground.WOOD;
            default -> Ground.HARD_PLASTIC;
        };
    }

    private void show() {
        try {
            wrong.setText("");
            coated();
            mending.show(ground.getValue(), guarded(), Typed.number(area));
        } catch (IllegalArgumentException refused) {
            wrong.setText(said(refused));
        }
    }

    private Products products() {
        return model.yard().state().products();
    }

    private CoatSystem system() {
        return new CoatSystem(
                ground.getValue(),
                binder.getValue(),
                under.getValue(),
                bare.isSelected(),
                Integer.parseInt(coats.getText().strip()),
                Integer.parseInt(clears.getText().strip()));
    }

    private Optional<String> guarded() {
        return model.picked()
                .flatMap(part -> Optional.ofNullable(model.job().guarded().get(part.id())));
    }

    /** The picked part goes on its way; where none is picked, a piece of what it is of. Its steps stand on the next leaf. */
    private void begin(boolean isMended) {
        try {
            var repair = mending.repair(ground.getValue(), guarded());
            var on = isMended ? repair.ground() : ground.getValue();
            var steps = isMended ? repair.steps(products()) : system().steps(products());
            var part = model.picked();
            if (part.flatMap(one -> model.job().finish().coatings().openOf(one.id()))
                    .isPresent()) {
                wrong.setText(
                        "The %s is under way already.".formatted(part.get().name()));
                return;
            }
            var made = Coating.begun(
                    model.job().finish().coatings().nextId(),
                    part.map(Part::name).orElse("piece of " + on.word()),
                    part.map(Part::id).stream().toList(),
                    on,
                    Typed.number(area),
                    steps);
            if (model.make(new AtFinish(new OnCoating(new CoatingBegun(made)))))
                begun.setText("The %s is under way: its steps are ticked off at “Under way”.".formatted(made.what()));
        } catch (IllegalArgumentException refused) {
            wrong.setText(said(refused));
        }
    }

    private static String said(IllegalArgumentException refused) {
        return refused instanceof NumberFormatException
                ? "That is no number of coats, or no depth. Type it as 3, or 0.5."
                : String.valueOf(refused.getMessage());
    }

    private void coated() {
        var system = system();
        var refused = new ArrayList<>(system.refused());
        guarded().map(HideRepair::guardedWords).ifPresent(refused::add);
        beginCoats.setDisable(!refused.isEmpty());
        coating.getChildren().clear();
        if (refused.isEmpty())
            system.steps(products()).forEach(step -> coating.getChildren().add(StepRow.of(step, Typed.number(area))));
        else refused.forEach(why -> coating.getChildren().add(Nodes.label(why, Styles.DANGER)));
        answer.setText(
                refused.isEmpty()
                        ? "%s of colour%s on %s: it can be handled after %s of waiting."
                                .formatted(
                                        Words.many(system.colours(), "coat"),
                                        system.clears() == 0
                                                ? ""
                                                : " and " + Words.many(system.clears(), "coat") + " of clear",
                                        system.ground().word(),
                                        StepRow.waits(system.waits(products())))
                        : refused.getFirst());
    }
}
