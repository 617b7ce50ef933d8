package welumen.desktop.finish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.colour.mix.Mix;
import welumen.colour.mix.MixProblem;
import welumen.colour.mix.MixProblem.Patch;
import welumen.colour.mix.Mixer;
import welumen.colour.mix.Surface;
import welumen.colour.mix.Target;
import welumen.colour.mix.Tint;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.finish.FinishChange.ColourRead;
import welumen.finish.FinishChange.RecipeKept;
import welumen.finish.Recipe;
import welumen.finish.coat.CoatWeight;
import welumen.finish.reading.Reading;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.Together;
import welumen.measure.Because;
import welumen.yard.BaseTint;
import welumen.yard.GoodsChange.TintsUsed;
import welumen.yard.YardChange.OfGoods;

/** A mix to a colour that was read: grams and drops, what to add once its patch is read, and the recipe, kept. */
public final class MixLeaf extends Leaf {
    private static final Surface BINDER = new Surface(0.04, 0.6);

    /** What is mixed over what is laid, for what goes wrong and for repairs. */
    private static final double SPARE = 1.2;

    private static final double LEAST_GRAMS = 20;

    /** A reading that may be farther off says so beside the mix. */
    private static final double ROUGH = 1;

    /** A mix that is put right and grows beyond it is better thrown away. */
    private static final double GROWN = 1.8;

    private final ComboBox<Reading> target = new ComboBox<>();
    private final TextField area = new TextField("0.8");
    private final TextField coats = new TextField("3");
    private final VBox mixed = Nodes.column(8);
    private final VBox recipes = Nodes.column(8);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Label saved = Nodes.label("", Styles.SECOND);
    private @Nullable Running running;
    private Optional<Recipe> open = Optional.empty();
    private Optional<Reading> mixedTo = Optional.empty();
    private List<BaseTint> mixedOf = List.of();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public MixLeaf(JobModel model) {
        super(model, Reads.ALL);
        answer.setId("mix-answer");
        mixed.setId("mixed");
        recipes.setId("recipes");
        wrong.setId("mix-wrong");
        saved.setId("mix-saved");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        saved.managedProperty().bind(saved.textProperty().isNotEmpty());
        target.setId("mix-target");
        WordCell.in(target, reading -> Words.capital(reading.what()));
        area.setId("mix-area");
        coats.setId("mix-coats");
        area.setPrefColumnCount(4);
        coats.setPrefColumnCount(3);
        area.setOnAction(_ -> mix());
        coats.setOnAction(_ -> mix());
        var mix = Nodes.chief("Mix to it", "The fewest tints that come near enough", this::mix);
        mix.setId("mix");
        var asked = Nodes.form(
                14,
                Nodes.field("To the colour of", target),
                Nodes.field("Square metres", area),
                Nodes.field("Coats", coats),
                mix);
        var both = Nodes.row(
                24,
                Nodes.titled("What to weigh", mixed, 440),
                Nodes.titled("Recipes of this car and before", recipes, 440));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(asked, wrong, both, saved);
    }

    @Override
    protected Node first() {
        return target;
    }

    @Override
    protected void closed() {
        if (running != null) running.stop();
        running = null;
        getStyleClass().remove(Styles.WORKING);
    }

    @Override
    protected void refresh() {
        var all = model.job().finish().readings().all().stream()
                .filter(reading -> reading.of() != Reading.Of.PATCH)
                .toList();
        Nodes.refill(target, all, all.isEmpty() ? null : all.getFirst());
        var own = model.job().finish().recipes().reversed();
        var shown = new ArrayList<Node>();
        var card = new RecipeCard(model, wrong::setText, saved::setText);
        own.forEach(recipe -> shown.add(card.own(recipe, patch -> patched(recipe, patch))));
        for (var other : model.others().all())
            other.state().finish().recipes().forEach(recipe -> shown.add(card.of(other, recipe, this::wanted)));
        recipes.getChildren().setAll(shown);
        open = open.flatMap(recipe -> model.job().finish().recipe(recipe.id()));
        if (!named(tints()).equals(named(mixedOf))
                || mixedTo.filter(reading -> !all.contains(reading)).isPresent())
            mixed.getChildren().clear(); // it is of other tints, or to a colour that is struck out
        if (mixed.getChildren().isEmpty())
            answer.setText(
                    all.isEmpty()
                            ? "Read a colour first, on the leaf Colour."
                            : tints().isEmpty()
                                    ? "No tint is measured yet at this yard."
                                    : "%s on the shelf: say to which colour."
                                            .formatted(Words.many(tints().size(), "tint")));
    }

    /** As they are mixed: how much is left of them is nothing to a colour. */
    private static List<Tint> named(List<BaseTint> some) {
        return some.stream().map(BaseTint::tint).toList();
    }

    private List<BaseTint> tints() {
        return model.yard().state().goods().tints().all();
    }

    private Optional<Double> number(TextField field) {
        try {
            var number = Typed.number(field);
            if (number > 0 && number < 1000) return Optional.of(number);
            wrong.setText("“%s” is no amount. Type it as 0.8.".formatted(field.getText()));
        } catch (IllegalArgumentException none) {
            wrong.setText(String.valueOf(none.getMessage()));
        }
        field.requestFocus();
        return Optional.empty();
    }

    private void mix() {
        var reading = target.getValue();
        var grams = wanted();
        if (reading == null || grams.isEmpty() || tints().isEmpty()) return;
        open = Optional.empty();
        ask(reading, grams.get(), Optional.empty());
    }

    /** Grams for the area and the coats that are typed, with what is spared; empty where they are none. */
    private Optional<Double> wanted() {
        wrong.setText("");
        return number(area)
                .flatMap(metres -> number(coats)
                        .map(many -> Math.max(
                                LEAST_GRAMS, Math.ceil(metres * CoatWeight.all((int) Math.round(many)) * SPARE))));
    }

    private static Target aim(Reading reading) {
        return reading.reflectance().map(Target::of).orElseGet(() -> Target.of(reading.lab()));
    }

    private void ask(Reading reading, double grams, Optional<Patch> patch) {
        closed();
        var problem = new MixProblem(
                aim(reading),
                BINDER,
                tints().stream().map(BaseTint::tint).toList(),
                MixProblem.USUAL_MOST,
                grams,
                MixProblem.USUAL_WANTED,
                patch);
        getStyleClass().add(Styles.WORKING);
        running = model.background()
                .ask(
                        "mixing",
                        Takes.A_MOMENT,
                        _ -> Mixer.of(problem),
                        mix -> {
                            getStyleClass().remove(Styles.WORKING);
                            show(reading, mix);
                        },
                        fault -> {
                            getStyleClass().remove(Styles.WORKING);
                            wrong.setText(Because.of(fault));
                        });
    }

    private void show(Reading reading, Mix mix) {
        mixedTo = Optional.of(reading);
        mixedOf = tints();
        var whole = mix.grams().values().stream().mapToDouble(g -> g).sum();
        var lamp = mix.differenceA().isPresent()
                ? String.format(
                        Locale.UK, ", %.1f by lamplight", mix.differenceA().getAsDouble())
                : "";
        answer.setText(String.format(
                Locale.UK,
                "%s, %.0f g in all: expected to lie %.1f from it by daylight%s%s",
                Words.many(mix.grams().size(), "tint"),
                whole,
                mix.difference(),
                lamp,
                (mix.difference() > MixProblem.USUAL_WANTED ? "; these tints come no nearer" : "")
                        + (reading.off() > ROUGH
                                ? String.format(Locale.UK, "; its reading itself may be %.1f off.", reading.off())
                                : ".")));
        mixed.getChildren()
                .setAll(Nodes.row(
                        10,
                        ReadingCard.patch(reading.lab()),
                        Nodes.column(
                                2,
                                Nodes.label(Words.capital(reading.what()), Styles.STRONG),
                                Nodes.whole(ReadingCard.numbers(reading.lab()), Styles.MEASURE))));
        mixed.getChildren().addAll(new WeighRows(tints(), mix, open.isPresent()).all());
        if (mix.add().isEmpty() && open.isPresent())
            mixed.getChildren().add(Nodes.label("Nothing is to be added: it is as near as it comes.", Styles.STRONG));
        mix.others()
                .forEach(other -> mixed.getChildren()
                        .add(Nodes.label(
                                String.format(
                                        Locale.UK,
                                        "Else %s: %.1f",
                                        String.join(", ", other.grams().keySet()),
                                        other.difference()),
                                Styles.NOTE)));
        var keep = Nodes.chief(
                "Keep the recipe", "With this car, its part, the lots and the reading", () -> keep(reading, mix));
        keep.setId("keep-recipe");
        // what goes into the pot now: of a mix that is put right, what is added
        var weigh = open.isPresent() ? mix.add() : mix.grams();
        var weighed = Nodes.button(
                "Weighed out", "Off the shelf with it: what is left of each tint is counted", () -> weighedOut(weigh));
        weighed.setId("weighed-out");
        weighed.setDisable(tints().stream().noneMatch(tint -> tint.grams() > 0 && weigh.containsKey(tint.name())));
        if (open.isPresent() && whole > GROWN * open.get().whole())
            mixed.getChildren()
                    .add(Nodes.label(
                            String.format(
                                    Locale.UK,
                                    "It grows to %.1f times its weight: mixing anew from nothing takes less.",
                                    whole / open.get().whole()),
                            Styles.DANGER));
        mixed.getChildren().add(Nodes.row(10, keep, weighed));
    }

    private void weighedOut(Map<String, Double> weigh) {
        if (model.yard().make(new OfGoods(new TintsUsed(weigh))))
            saved.setText("What is left of each tint is counted at the yard, Tints.");
    }

    private void keep(Reading reading, Mix mix) {
        var recipe = open.map(before -> before.with(mix.grams(), mix.difference(), before.patch()))
                .orElseGet(() -> new Recipe(
                        model.job().finish().nextRecipe(),
                        reading.what(),
                        reading.id(),
                        mix.grams(),
                        lots(mix.grams()),
                        model.picked().map(Part::id).stream().toList(),
                        mix.difference(),
                        "",
                        model.today()));
        if (model.make(new AtFinish(new RecipeKept(recipe)))) open = Optional.of(recipe);
    }

    private Map<String, String> lots(Map<String, Double> grams) {
        var lots = new HashMap<String, String>();
        for (var tint : tints())
            if (grams.containsKey(tint.name()) && !tint.lot().isEmpty()) lots.put(tint.name(), tint.lot());
        return lots;
    }

    /** The patch is kept, and what is to be added is worked out from it. */
    private void patched(Recipe recipe, Reading patch) {
        var known = model.job().finish().readings().find(recipe.target());
        if (known.isEmpty()) {
            wrong.setText("The reading that it was mixed to is struck out: read it again first.");
            return;
        }
        wrong.setText("");
        var with = recipe.with(recipe.grams(), recipe.difference(), patch.id());
        if (!model.make(Together.of(List.of(new AtFinish(new ColourRead(patch)), new AtFinish(new RecipeKept(with))))))
            return;
        open = Optional.of(with);
        ask(known.get(), recipe.whole(), Optional.of(new Patch(recipe.grams(), aim(patch))));
    }
}
