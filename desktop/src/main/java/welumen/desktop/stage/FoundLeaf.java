package welumen.desktop.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.evidence.Conclusion;
import welumen.evidence.Evidence;
import welumen.evidence.EvidenceChange.Concluded;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.HidingPlace;
import welumen.evidence.Strength;
import welumen.evidence.Weight;
import welumen.job.JobChange.InAlbum;

/**
 * What is found in a car: what shows how it left the works, and what is the customer's and goes home with it. It is logged
 * where it is found, so that more than one stage has this leaf.
 */
public final class FoundLeaf extends Leaf {
    private final VBox known = new VBox(10);
    private final VBox hiding = new VBox(4);
    private final TextField shows = new TextField();
    private final TextField where = new TextField();
    private final TextField reading = new TextField();
    private final FlowPane strengths = new FlowPane(8, 8);
    private final TextField conclusion = new TextField();
    private final TextField acceptedBy = new TextField();
    private final VBox weighed = new VBox(4);
    private final List<String> photos = new ArrayList<>();
    private final FoundThings things;
    private final VBox readingField;
    /** How much it proves; empty for what is the customer's and proves nothing. */
    private Optional<Strength> strength = Optional.of(Strength.LIKELY);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public FoundLeaf(JobModel model) {
        super(model);
        things = new FoundThings(model);
        shows.setId("shows");
        shows.setPromptText("sage, twin stitch 6 mm apart; or two coins");
        where.setId("found-where");
        where.setPromptText("where, and under what");
        reading.setPromptText("a colour reading or a code");
        shows.setPrefWidth(420);
        List.of(shows, where, reading).forEach(field -> field.setOnAction(_ -> log()));
        var fields = new GridPane(12, 10);
        fields.addRow(0, Nodes.field("Found", shows), Nodes.field("Where", where));
        readingField = Nodes.field("Reading", reading);
        fields.addRow(1, Nodes.field("How much it proves", strengths), readingField);
        var photo = Nodes.button("Photo", "A photo for this evidence", this::photograph);
        var log = Nodes.chief("Log it", "Log what was found (Enter)", this::log);
        log.setId("log-evidence");
        conclusion.setId("conclusion");
        conclusion.setPromptText("what all of it comes to");
        conclusion.setOnAction(_ -> acceptedBy.requestFocus());
        acceptedBy.setId("accepted-by");
        acceptedBy.setPromptText("who takes it as true; Enter");
        acceptedBy.setOnAction(_ -> conclude());
        getChildren()
                .addAll(
                        hiding,
                        fields,
                        Nodes.row(10, log, photo),
                        weighed,
                        Nodes.form(
                                12,
                                Nodes.grown(Nodes.field("Conclusion for the picked part", conclusion)),
                                Nodes.field("Accepted by", acceptedBy)),
                        things,
                        known);
    }

    @Override
    protected Node first() {
        return shows;
    }

    @Override
    protected void refresh() {
        strengths.getChildren().clear();
        for (var one : Strength.values())
            choice(one.word(), one.name().toLowerCase(Locale.ROOT), "How much it proves", Optional.of(one));
        choice("nothing: it is the customer’s", "theirs", "It goes home with the car", Optional.empty());
        readingField.setDisable(strength.isEmpty());
        things.refresh();
        hiding.getChildren().clear();
        model.picked()
                .ifPresent(part -> HidingPlace.of(part.kind())
                        .forEach(place -> hiding.getChildren()
                                .add(Nodes.label(
                                        "Before the %s is cleaned, look %s.".formatted(part.name(), place.where()),
                                        Styles.SECOND))));
        weigh();
        known.getChildren()
                .setAll(model.job().album().evidence().reversed().stream()
                        .map(this::card)
                        .toList());
        if (known.getChildren().isEmpty())
            known.getChildren()
                    .add(Nodes.label("Unfaded scraps, seams, stamps and codes tell the most.", Styles.SECOND));
    }

    private void choice(String word, String id, String tip, Optional<Strength> of) {
        var button = Nodes.button(word, tip, () -> {
            strength = of;
            refresh();
        });
        button.setId("strength-" + id);
        if (strength.equals(of)) button.getStyleClass().add(Styles.CHIEF);
        strengths.getChildren().add(button);
    }

    @Override
    protected String says() {
        var evidence = model.job().album().evidence().size();
        var back = things.toHandBack();
        var shown = evidence == 0
                ? "Nothing shows yet how it left the works"
                : "%s how it left the works".formatted(evidence == 1 ? "One thing shows" : evidence + " things show");
        return back == 0 ? shown + "." : "%s; %s to hand back.".formatted(shown, Words.many(back, "thing"));
    }

    /** What the evidence on the picked part comes to, or that it does not agree. */
    private void weigh() {
        weighed.getChildren().clear();
        model.picked().ifPresent(part -> {
            var against = model.job().album().contradicting(part.id());
            if (!against.isEmpty())
                weighed.getChildren()
                        .add(Nodes.label(
                                "These read differently: %s. Weigh them, and say what they come to."
                                        .formatted(against.stream()
                                                .map(one -> "“%s” (%s)"
                                                        .formatted(
                                                                one.reading(),
                                                                one.strength().word()))
                                                .collect(Collectors.joining(", "))),
                                Styles.DANGER));
            if (!model.job().album().about(part.id()).isEmpty())
                weighed.getChildren()
                        .add(Nodes.label(
                                "A conclusion would be %s."
                                        .formatted(Weight.of(model.job().album(), part.id())
                                                .said()),
                                Styles.SECOND));
            var known = model.job().album().conclusions().get(part.id());
            if (known != null)
                weighed.getChildren()
                        .add(Nodes.label("%s: %s (%s), accepted by %s"
                                .formatted(
                                        part.title(),
                                        known.says(),
                                        known.confidence().word(),
                                        known.acceptedBy())));
        });
    }

    private void conclude() {
        var part = model.picked();
        if (part.isEmpty() || conclusion.getText().isBlank()) return;
        if (acceptedBy.getText().isBlank()) {
            acceptedBy.requestFocus();
            return;
        }
        var concluded = new Conclusion(
                part.get().id(),
                conclusion.getText().strip(),
                Weight.of(model.job().album(), part.get().id()).strength(),
                acceptedBy.getText().strip());
        if (model.make(new InAlbum(new Concluded(concluded))))
            List.of(conclusion, acceptedBy).forEach(TextField::clear);
    }

    private Node card(Evidence evidence) {
        var speaks = evidence.speaksFor().stream()
                .map(part -> model.job().cabin().findOne(part).map(Part::name).orElse(part.value()))
                .toList();
        var words = Nodes.column(
                3,
                Nodes.label(Words.capital(evidence.shows()), Styles.STRONG),
                Nodes.label("%s · %s"
                        .formatted(evidence.where(), evidence.strength().word())),
                Nodes.label("For the " + String.join(", ", speaks), Styles.SECOND));
        if (!evidence.reading().isEmpty()) words.getChildren().add(2, Nodes.label(evidence.reading(), Styles.MEASURE));
        var card = Nodes.row(14, Thumbnail.of(model, evidence.photos()), words);
        card.getStyleClass().add(Styles.CARD);
        return card;
    }

    private void photograph() {
        model.picked().flatMap(model.photos()::take).ifPresent(photos::add);
    }

    private void log() {
        if (shows.getText().isBlank()) return;
        if (strength.isEmpty()) {
            if (things.list(shows.getText().strip(), where.getText().strip())) cleared();
            return;
        }
        var parts = model.picked().map(Part::id).map(List::of).orElse(List.of());
        var evidence = new Evidence(
                model.job().album().nextEvidence(),
                shows.getText().strip(),
                where.getText().strip(),
                reading.getText().strip(),
                strength.get(),
                parts,
                photos);
        if (!model.make(new InAlbum(new EvidenceLogged(evidence)))) return;
        photos.clear();
        cleared();
    }

    private void cleared() {
        List.of(shows, where, reading).forEach(TextField::clear);
        shows.requestFocus();
    }
}
