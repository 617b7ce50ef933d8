package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartNames;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.NamedFirst;
import welumen.desktop.stage.Thumbnail;
import welumen.job.JobChange.AtSurvey;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.survey.Beneath;
import welumen.survey.EarlierWork;
import welumen.survey.Finding;
import welumen.survey.SurveyChange.FindingStruck;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;

/** What stands beside a part's outline: what holds it, each find, what aged like it, what lies beneath. */
final class FoundBeside extends VBox {
    private final JobModel model;
    private final Label wrong;
    private final Consumer<Finding> change;
    private final Consumer<Finding> lookAt;
    private final HoldBox hold;

    /**
     * @param wrong says what cannot be done
     * @param change told of a find that is to be put right
     * @param lookAt told of a find whose photo is to be seen
     */
    FoundBeside(JobModel model, Label wrong, Consumer<Finding> change, Consumer<Finding> lookAt) {
        super(10);
        this.model = model;
        this.wrong = wrong;
        this.change = change;
        this.lookAt = lookAt;
        this.hold = new HoldBox(model);
    }

    void show(Optional<Part> of) {
        getChildren().clear();
        of.ifPresent(this::show);
    }

    private void show(Part part) {
        hold.showIn(this, part);
        hold.showCauseIn(this, part);
        for (var finding : model.job().survey().on(part.id())) {
            getChildren().add(row(finding));
        }
        var earlier = EarlierWork.of(part.kind());
        if (!earlier.isEmpty())
            getChildren()
                    .add(Nodes.label("Earlier hands: look for %s.".formatted(String.join(", ", earlier)), Styles.NOTE));
        getChildren().add(agedAlike(part));
        var unseen = Beneath.unseen(model.job().cabin(), model.job().survey(), part.id());
        if (!unseen.isEmpty()) getChildren().add(Nodes.whole("What lies beneath", Styles.HEADING));
        for (var layer : unseen) getChildren().add(layer(layer));
        if (!model.job().survey().looked().contains(part.id())) {
            var looked = Nodes.button(
                    "Nothing found on it",
                    "It was looked at, and is sound",
                    () -> model.make(new AtSurvey(new LookedAt(part.id()))));
            looked.setId("looked");
            getChildren().add(looked);
        } else if (model.job().survey().on(part.id()).isEmpty())
            getChildren().add(Nodes.label("Looked at, nothing found.", Styles.SECOND));
    }

    private Node row(Finding finding) {
        var words = Nodes.column(
                1,
                Nodes.label("%d  %s, %s"
                        .formatted(
                                finding.number(),
                                finding.kind().word(),
                                finding.severity().word())),
                Nodes.label(
                        "%s%s"
                                .formatted(
                                        Lengths.said(Math.rint(finding.sizeMm())),
                                        finding.note().isEmpty() ? "" : " · " + finding.note()),
                        Styles.NOTE));
        var putRight = Nodes.button(
                "Change", "Put it right in the fields above, then “Mark it”", () -> change.accept(finding));
        putRight.setId("change-finding-" + finding.number());
        var strike = Nodes.button("Strike out", "It was noted by mistake", () -> strike(finding));
        strike.setId("strike-finding-" + finding.number());
        var whole = Nodes.column(4, words, Nodes.row(8, putRight, strike));
        if (finding.photos().isEmpty()) return whole;
        var small = Thumbnail.of(model, finding.photos());
        small.setOnMouseClicked(_ -> lookAt.accept(finding));
        small.setId("look-at-" + finding.number());
        return Nodes.row(10, small, whole);
    }

    /** Strikes it out; what hangs on it is named first. */
    void strike(Finding finding) {
        var hangs = new ArrayList<String>();
        if (finding.stopsWork() && model.job().survey().isHeld(finding.part())) hangs.add("the hold it put");
        if (model.job().survey().on(finding.part()).size() == 1
                && model.job().choices().of(finding.part()).isPresent())
            hangs.add("the reason for what was chosen: " + model.job().choices().words(finding.part()));
        NamedFirst.unless(wrong, hangs, () -> model.make(new AtSurvey(new FindingStruck(finding.number()))));
    }

    /** Parts that aged with this one: all of them keep their patina, or none does. */
    private Node agedAlike(Part part) {
        var group = model.job().survey().patina().stream()
                .filter(one -> one.contains(part.id()))
                .findFirst()
                .orElse(List.of());
        var names = new TextField(group.stream()
                .filter(one -> !one.equals(part.id()))
                .map(one -> model.job().cabin().one(one).name())
                .collect(Collectors.joining(", ")));
        names.setId("aged-alike");
        names.setPromptText("parts, with commas between; Enter");
        names.setOnAction(_ -> group(part, names.getText()));
        return Nodes.field("Aged alike with", names);
    }

    private void group(Part part, String typed) {
        switch (PartNames.readAll(model.job().cabin(), typed)) {
            case Refused<List<PartId>>(var why) -> wrong.setText(why);
            case Understood<List<PartId>>(var others) -> {
                wrong.setText("");
                var parts = Stream.concat(Stream.of(part.id()), others.stream())
                        .distinct()
                        .toList();
                model.make(new AtSurvey(new PatinaGrouped(parts)));
            }
        }
    }

    /** A layer under the part that nobody has looked at. */
    private Node layer(Part layer) {
        var go = Nodes.button(
                "Look at the " + layer.name(),
                "Pick it, and mark what is found on it",
                () -> model.pickedProperty().set(layer.id()));
        go.setId("beneath-" + layer.id());
        return go;
    }
}
