package welumen.desktop.intake;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.FeatureLook;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.WishDropped;
import welumen.intake.IntakeChange.WishNoted;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.InCabin;

/** The customer's wishes, and the features by which versions of the model are told apart. */
final class WishesSection extends Leaf {
    private final TextField wish = new TextField();
    private final VBox wishes = new VBox(6);
    private final VBox features = new VBox(8);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    WishesSection(JobModel model) {
        super(model, Reads.CAR);
        wish.setId("wish");
        wish.setPromptText("What the customer wants; Enter notes it");
        wish.setOnAction(_ -> noteWish());
        getChildren()
                .addAll(
                        Nodes.field("Another wish", wish),
                        wishes,
                        Nodes.whole("Look, and say", Styles.HEADING),
                        features);
    }

    @Override
    protected Node first() {
        return wish;
    }

    /** How many things here want an answer. */
    static int wanting(JobModel model) {
        return (int) features(model).stream()
                .filter(feature -> model.job().brief().has(feature).isEmpty())
                .count();
    }

    @Override
    protected String says() {
        var open = model.job().brief().openApprovals().size();
        var unseen = wanting(model);
        var waits = open == 0
                ? "The customer has answered all that was asked"
                : "The customer has still to say %s".formatted(Words.many(open, "thing"));
        return unseen == 0 ? waits + "." : "%s; %s to be looked for.".formatted(waits, Words.many(unseen, "feature"));
    }

    @Override
    protected void refresh() {
        wishes.getChildren()
                .setAll(model.job().brief().wishes().stream().map(this::wish).toList());
        features.getChildren()
                .setAll(features(model).stream().map(this::feature).toList());
    }

    private Node wish(String one) {
        var gone = Nodes.button(
                "✕", "No wish of the customer's any more", () -> model.make(new AtIntake(new WishDropped(one))));
        gone.setAccessibleText("Drop the wish: " + one);
        var row = Nodes.row(10, Nodes.label("·  " + one), gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Set<String> features(JobModel model) {
        var all = new LinkedHashSet<String>();
        all.add(FeatureLook.AIRBAGS); // in every car, for whoever works near them
        all.addAll(model.job().brief().features().keySet().stream().sorted().toList());
        for (var part : model.job().cabin().parts()) if (!part.onlyWhere().isEmpty()) all.add(part.onlyWhere());
        return all;
    }

    private Node feature(String feature) {
        var known = model.job().brief().has(feature);
        var said = known.map(there -> there ? "there" : "not there").orElse("nobody has looked yet");
        var row = Nodes.row(
                10,
                Nodes.grown(Nodes.label(
                        "%s: %s".formatted(Words.capital(feature), said),
                        known.isEmpty() ? Styles.STRONG : Styles.SECOND)),
                answer(feature, true),
                answer(feature, false));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMaxWidth(620);
        return row;
    }

    private Node answer(String feature, boolean there) {
        var button = Nodes.button(
                there ? "There" : "Not there",
                there ? "It was looked for and found" : "It was looked for; parts that need it are struck off",
                () -> looked(feature, there));
        if (model.job().brief().has(feature).equals(Optional.of(there)))
            button.getStyleClass().add(Styles.CHIEF);
        button.setId("%s-%s".formatted(feature.replace(' ', '-'), there ? "there" : "not-there"));
        return button;
    }

    private void looked(String feature, boolean there) {
        var changes = new ArrayList<JobChange>();
        changes.add(new AtIntake(new FeatureLookedAt(new FeatureLook(feature, there, "looked at intake"))));
        if (!there)
            for (Part part : model.job().cabin().parts())
                if (part.onlyWhere().equals(feature)
                        && model.job().strip().stepsOn(part.id()).isEmpty())
                    changes.add(new InCabin(new PartStruckOff(part.id())));
        model.makeTogether(changes);
    }

    private void noteWish() {
        if (wish.getText().isBlank()) return;
        if (model.make(new AtIntake(new WishNoted(wish.getText().strip())))) wish.clear();
    }
}
