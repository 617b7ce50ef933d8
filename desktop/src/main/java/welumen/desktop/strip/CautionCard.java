package welumen.desktop.strip;

import java.util.ArrayList;
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
        for (var one : due)
            sentences.getChildren().add(Nodes.label(one.caution().sentence()));
        var seen = Nodes.button(
                "Seen", "Noted as seen; not shown again for this kind of part in this job (F4)", this::seen);
        seen.setId("caution-seen");
        getChildren().addAll(Nodes.whole("Mind", Styles.STRONG), Nodes.grown(sentences), seen);
    }

    void seen() {
        var changes = model.picked().map(this::due).orElse(List.of()).stream()
                .<JobChange>map(WithCare::new)
                .toList();
        if (!changes.isEmpty()) model.make(changes.size() == 1 ? changes.getFirst() : new Together(changes));
    }

    /** What is to be seen: once for each kind of part, and once for a part that cannot be had again. */
    private List<CautionSeen> due(Part part) {
        if (model.job().strip().isOff(part.id())) return List.of();
        var work = part.kind().word() + " off";
        var care = model.job().care();
        var due = new ArrayList<CautionSeen>();
        if (StripCautions.isIrreplaceable(part))
            for (var caution : care.due(List.of(Caution.IRREPLACEABLE), part.name()))
                due.add(new CautionSeen(caution, part.name()));
        for (var caution : care.due(StripCautions.of(part.kind(), StepLogging.hasAirbags(model.job())), work))
            due.add(new CautionSeen(caution, work));
        return due;
    }
}
