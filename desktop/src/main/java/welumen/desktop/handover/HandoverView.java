package welumen.desktop.handover;

import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;
import welumen.custody.Fate;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.intake.FoundThing;
import welumen.job.JobChange;
import welumen.job.Said;
import welumen.journal.Entry;
import welumen.journal.Note.Made;

/** What keeps the car from going home, and the job's log on paper. */
public final class HandoverView extends StagePane {
    private final ListView<String> log = new ListView<>();
    private final Label printed = Nodes.label("", Styles.SECOND);
    private final Button print =
            Nodes.chief("Print the log", "Write the job's log as a PDF into the workshop's folder", this::print);

    public HandoverView(JobModel model) {
        super(model);
        print.setId("print-log");
        printed.setId("printed");
        log.setId("log");
        VBox.setVgrow(log, javafx.scene.layout.Priority.ALWAYS);
        var row = Nodes.row(16, print, printed);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(row, Nodes.whole("The log, latest first", Styles.HEADING), log);
    }

    @Override
    public Node first() {
        return print;
    }

    @Override
    protected void refresh() {
        var out = model.job().signOff().stillOut().size();
        var held = model.job().holds().size();
        headline.say(
                "Handover",
                out == 0 && held == 0
                        ? "Every part is back in the car."
                        : "Not yet: %s still out, %d held.".formatted(Words.many(out, "part"), held),
                "Seats, belts and airbags: name who checks them before the car goes home." + handBack());
        log.getItems().setAll(model.log().reversed().stream().map(this::line).toList());
    }

    /** What the customer is to have again beside the car. */
    private String handBack() {
        var things = model.job().brief().things().stream()
                .filter(thing -> !thing.handedBack())
                .map(FoundThing::what);
        var parts = model.job().custody().fates().values().stream()
                .filter(said -> said.fate() == Fate.HAND_BACK)
                .map(said -> "the " + model.job().cabin().one(said.part()).name())
                .sorted();
        var all = Stream.concat(things, parts).toList();
        return all.isEmpty() ? "" : " Hand back: %s.".formatted(String.join(", ", all));
    }

    private String line(Entry<JobChange> entry) {
        var said = entry.note() instanceof Made<JobChange>(var change)
                ? Said.of(change, model.job().cabin())
                : "";
        return "%s   %s   (%s)"
                .formatted(Words.when(entry.at(), model.nowProperty().get(), model.zone()), said, entry.author());
    }

    private void print() {
        model.printLog().ifPresent(file -> printed.setText("Printed to " + file));
    }
}
