package welumen.desktop.stage;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.care.CareChange.CautionSeen;
import welumen.care.Caution;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.CautionsDue;
import welumen.job.JobChange;
import welumen.job.JobChange.WithCare;
import welumen.job.WorkStage;
import welumen.treatment.HandlingPlan;

/**
 * The cautions that belong to work on the picked part at a stage, once a job and kind of work; put away with a word that
 * is logged. What cannot be had again shows its plan of handling here.
 */
public final class CautionCard extends HBox {
    private final JobModel model;
    private final WorkStage stage;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public CautionCard(JobModel model, WorkStage stage) {
        super(14);
        this.model = model;
        this.stage = stage;
        setId("cautions");
        setAlignment(Pos.CENTER_LEFT);
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().add("caution");
    }

    /** Lets F4 say “Seen” from wherever the keyboard is within a stage. */
    public void listenIn(StagePane pane) {
        pane.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (!Keys.SEEN.is(key)) return;
            seen();
            key.consume();
        });
    }

    public void refresh() {
        var due = due();
        setVisible(!due.isEmpty());
        setManaged(!due.isEmpty());
        getChildren().clear();
        if (due.isEmpty()) return;
        var sentences = Nodes.column(2);
        sentences.setAlignment(Pos.CENTER_LEFT);
        for (var one : due) say(one.caution(), sentences);
        var seen = Nodes.button("Seen", Keys.SEEN.told(), this::seen);
        seen.setId("caution-seen");
        getChildren().addAll(Nodes.whole("Mind", Styles.STRONG), Nodes.grown(sentences), seen);
    }

    private void say(Caution caution, VBox sentences) {
        sentences.getChildren().add(Nodes.label(caution.sentence()));
        if (caution == Caution.IRREPLACEABLE)
            model.picked()
                    .ifPresent(part -> sentences
                            .getChildren()
                            .add(Nodes.label(String.join(
                                    " ", HandlingPlan.of(part, model.job().strip())))));
    }

    private void seen() {
        var changes = due().stream().<JobChange>map(WithCare::new).toList();
        model.makeTogether(changes);
    }

    private List<CautionSeen> due() {
        return model.picked().map(this::due).orElse(List.of());
    }

    private List<CautionSeen> due(Part part) {
        return CautionsDue.at(stage, model.job(), part);
    }
}
