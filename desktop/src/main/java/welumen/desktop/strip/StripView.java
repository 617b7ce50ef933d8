package welumen.desktop.strip;

import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CautionCard;
import welumen.desktop.stage.FoundLeaf;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.job.WorkStage;

/** Logs a step in one line, and shows what holds the part, what came off, the bags, and the way to what is behind it. */
public final class StripView extends StagePane {
    private final CautionCard cautions;
    private final LogLine line;
    private final Leaves leaves;
    private final ReachFelt reach;

    public StripView(JobModel model) {
        super(model);
        cautions = new CautionCard(model, WorkStage.STRIP);
        line = new LogLine(model);
        leaves = leaves(
                new Tab("Taken off", of -> new TakenOff(of, line::correct)),
                new Tab("Bags", BagsLeaf::new),
                new Tab("Photos", PhotosLeaf::new),
                new Tab("Found", FoundLeaf::new),
                new Tab("As it stood", AsItStoodLeaf::new));
        reach = new ReachFelt(model);
        var lower = new HBox(30, leaves, reach);
        HBox.setHgrow(leaves, Priority.ALWAYS);
        reach.setMinWidth(300);
        reach.setMaxWidth(340);
        VBox.setVgrow(lower, Priority.ALWAYS);
        getChildren().addAll(cautions, line, lower);
        cautions.listenIn(this);
    }

    @Override
    public Node first() {
        return line.field();
    }

    @Override
    protected void answer() {
        model.picked()
                .ifPresentOrElse(
                        this::say,
                        () -> headline.say("", "This car has no parts yet.", "List them at Intake, leaf “Its parts”."));
    }

    @Override
    protected void refresh() {
        answer();
        cautions.refresh();
        line.refresh();
        leaves.refresh();
        reach.refresh();
    }

    private void say(Part part) {
        var holds = new HoldWords(model.job(), part.id());
        headline.say(part.title(), holds.answer(), holds.advice());
    }
}
