package welumen.desktop.finish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OtherCars.Other;
import welumen.finish.FinishChange.ColourRead;
import welumen.finish.FinishChange.RecipeKept;
import welumen.finish.Recipe;
import welumen.finish.reading.Reading;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.Together;

/** A recipe that was kept: what is in it, how its dried patch reads, its paper; that of another car is mixed again for this one. */
final class RecipeCard {
    private final JobModel model;
    private final Consumer<String> wrong;
    private final Consumer<String> saved;

    RecipeCard(JobModel model, Consumer<String> wrong, Consumer<String> saved) {
        this.model = model;
        this.wrong = wrong;
        this.saved = saved;
    }

    /** @param patched told how its dried patch reads */
    Node own(Recipe recipe, Consumer<Reading> patched) {
        var box = card(recipe, "");
        box.getChildren().add(patchRow(recipe, patched));
        return box;
    }

    /** @param wanted grams of it for this car; empty where nobody has said how much */
    Node of(Other other, Recipe recipe, Supplier<Optional<Double>> wanted) {
        var box = card(recipe, other.file().title());
        var again = Nodes.button(
                "Mix it again here",
                "By the same shares, for the area and the coats above; the tins are others now: read its patch",
                () -> wanted.get().ifPresent(grams -> takeOver(other, recipe, grams)));
        again.setId("again-" + other.file().job() + "-" + recipe.id().replace(' ', '-'));
        box.getChildren().add(Nodes.row(8, again));
        return box;
    }

    private static VBox card(Recipe recipe, String car) {
        var weighed = new ArrayList<String>();
        recipe.grams()
                .forEach((tint, grams) -> weighed.add(String.format(
                        Locale.UK,
                        "%s %.1f g%s",
                        tint,
                        grams,
                        recipe.lots().containsKey(tint)
                                ? ", lot " + recipe.lots().get(tint)
                                : "")));
        var box = Nodes.column(
                4,
                Nodes.label(Words.capital(recipe.title()) + (car.isEmpty() ? "" : ", " + car), Styles.STRONG),
                Nodes.label(String.join("; ", weighed), Styles.MEASURE),
                Nodes.label(
                        String.format(
                                Locale.UK,
                                "%s, %.1f %s",
                                Words.day(recipe.on()),
                                recipe.difference(),
                                recipe.patch().isEmpty() ? "expected, no patch read" : "expected after its patch"),
                        Styles.SECOND));
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    /** Its reading comes along, so that a patch can put it right; what was mixed by old tins is a first guess for new ones. */
    private void takeOver(Other other, Recipe recipe, double grams) {
        var target = other.state().finish().readings().find(recipe.target());
        if (target.isEmpty()) {
            wrong.accept("The reading that it was mixed to is struck out there: read the colour here first.");
            return;
        }
        var read = target.get();
        var here = new Reading(
                model.job().finish().readings().nextId(),
                Reading.Of.EVIDENCE,
                "%s, %s".formatted(read.what(), other.file().title()),
                List.of(),
                read.lab(),
                read.shares(),
                read.how(),
                read.off(),
                read.gloss(),
                model.today());
        var scaled = new HashMap<String, Double>();
        recipe.grams().forEach((tint, was) -> scaled.put(tint, was * grams / recipe.whole()));
        var again = new Recipe(
                model.job().finish().nextRecipe(),
                recipe.title(),
                here.id(),
                scaled,
                lots(scaled.keySet()),
                model.picked().map(Part::id).stream().toList(),
                recipe.difference(),
                "",
                model.today());
        if (model.make(Together.of(List.of(new AtFinish(new ColourRead(here)), new AtFinish(new RecipeKept(again))))))
            saved.accept("%s is among this car’s recipes, for %.0f g.".formatted(Words.capital(recipe.title()), grams));
    }

    /** Of the tins that are on the shelf now: those it was mixed from then are others. */
    private Map<String, String> lots(Set<String> tints) {
        var lots = new HashMap<String, String>();
        for (var tint : model.yard().state().goods().tints().all())
            if (tints.contains(tint.name()) && !tint.lot().isEmpty()) lots.put(tint.name(), tint.lot());
        return lots;
    }

    private Node patchRow(Recipe recipe, Consumer<Reading> patched) {
        var lab = new TextField();
        lab.setId("patch-" + recipe.id().replace(' ', '-'));
        lab.setPromptText("dry: 52.4 -8.1 11.3");
        lab.setAccessibleText("L*, a* and b* of the dried patch of " + recipe.title());
        lab.setPrefColumnCount(14);
        lab.setOnAction(_ -> typed(recipe, lab.getText(), patched));
        var row = Nodes.row(8, lab);
        model.reader()
                .ifPresent(reader -> row.getChildren()
                        .add(Nodes.button("Read the dry patch", "The reader is held on it", () -> {
                            var shown = reader.read("%s patch of %s".formatted(word(recipe), recipe.id()));
                            patched.accept(patch(
                                    recipe,
                                    Lab.of(shown.reflectance(), Illuminant.D65),
                                    Optional.of(shown.reflectance()),
                                    Reading.How.READER,
                                    Math.round(shown.gloss())));
                        })));
        row.getChildren()
                .add(Nodes.button(
                        "Recipe card",
                        "On paper, to keep with the tin",
                        () -> model.papers().recipe(recipe).ifPresent(file -> saved.accept("Saved to " + file))));
        return row;
    }

    /** The stand-in’s patch is of the target’s words. */
    private String word(Recipe recipe) {
        return model.job()
                .finish()
                .readings()
                .find(recipe.target())
                .map(Reading::what)
                .orElse(recipe.title());
    }

    private void typed(Recipe recipe, String typed, Consumer<Reading> patched) {
        var numbers = typed.strip().split("[,;]?\\s+");
        try {
            if (numbers.length != 3) throw new NumberFormatException(typed);
            var lab = new Lab(
                    Double.parseDouble(numbers[0]), Double.parseDouble(numbers[1]), Double.parseDouble(numbers[2]));
            patched.accept(patch(recipe, lab, Optional.empty(), Reading.How.TYPED, Reading.NO_GLOSS));
        } catch (IllegalArgumentException none) {
            wrong.accept("“%s” is no colour. Type L*, a* and b*: 52.4 -8.1 11.3.".formatted(typed));
        }
    }

    private Reading patch(Recipe recipe, Lab lab, Optional<Reflectance> film, Reading.How how, double gloss) {
        return new Reading(
                model.job().finish().readings().nextId(),
                Reading.Of.PATCH,
                "patch of " + recipe.title(),
                List.of(),
                lab,
                film.map(Reflectance::shares).orElse(List.of()),
                how,
                gloss,
                model.today());
    }
}
