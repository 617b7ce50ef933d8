package welumen.desktop.strip;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import welumen.cabin.Part;
import welumen.care.CareChange.CautionSeen;
import welumen.care.Caution;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WithCare;
import welumen.job.StepLogging;
import welumen.strip.StripCautions;

/** The cautions that belong to taking off the picked part, once a job and kind; put away with a word that is logged. */
final class CautionCard extends HBox {
    private final JobModel model;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    CautionCard(JobModel model) {
        super(14);
        this.model = model;
        setId("cautions");
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("caution");
    }

    void refresh() {
        var due = model.picked().map(this::due).orElse(List.of());
        setVisible(!due.isEmpty());
        setManaged(!due.isEmpty());
        getChildren().clear();
        if (due.isEmpty()) return;
        var sentences = Nodes.column(2);
        sentences.setAlignment(Pos.CENTER_LEFT);
        for (var caution : due) sentences.getChildren().add(Nodes.label(caution.sentence()));
        var seen = Nodes.button(
                "Seen", "Noted as seen; not shown again for this kind of part in this job (F4)", this::seen);
        seen.setId("caution-seen");
        getChildren().addAll(Nodes.whole("Mind", Styles.STRONG), Nodes.grown(sentences), seen);
    }

    void seen() {
        model.picked().ifPresent(part -> {
            var changes = due(part).stream()
                    .<JobChange>map(caution -> new WithCare(new CautionSeen(caution, work(part))))
                    .toList();
            if (!changes.isEmpty()) model.make(changes.size() == 1 ? changes.getFirst() : new Together(changes));
        });
    }

    private List<Caution> due(Part part) {
        if (model.job().strip().isOff(part.id())) return List.of();
        var usual = StripCautions.of(part.kind(), StepLogging.hasAirbags(model.job()));
        return model.job().care().due(usual, work(part));
    }

    private static String work(Part part) {
        return part.kind().word() + " off";
    }
}
