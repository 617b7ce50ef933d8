package welumen.desktop.finish;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.finish.FinishChange.EdgeSaid;
import welumen.finish.mask.Edge;
import welumen.finish.mask.Edge.Way;
import welumen.finish.mask.LikelyEdges;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.Together;
import welumen.strip.LearntTimes;

/** What stays as it is beside the picked part, once that is sprayed: masked or taken off, each in time and risk. */
public final class MaskLeaf extends Leaf {
    private final VBox edges = new VBox(8);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Button take = Nodes.chief(
            "Take it so", "All of them as they stand here: film is bought, hours are planned", this::takeAll);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public MaskLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.PICKED);
        answer.setId("mask-answer");
        edges.setId("edges");
        wrong.setId("mask-wrong");
        take.setId("take-edges");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var page = Nodes.scroll(edges);
        VBox.setVgrow(page, Priority.ALWAYS);
        getChildren().addAll(wrong, page, Nodes.row(10, take));
    }

    private List<Edge> all() {
        return model.picked().map(Part::id).map(this::of).orElse(List.of());
    }

    private List<Edge> of(PartId sprayed) {
        var job = model.job();
        var likely = new LikelyEdges(job.cabin(), job.strip(), job.survey(), new LearntTimes(job.cabin(), job.work()))
                .of(sprayed);
        return job.finish().edges().of(sprayed, likely);
    }

    private boolean isSaid(Edge edge) {
        return model.job().finish().edges().all().contains(edge);
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        var all = all();
        take.setDisable(all.stream().allMatch(this::isSaid));
        answer.setText(said(all));
        edges.getChildren().setAll(all.stream().map(this::row).toList());
    }

    private String said(List<Edge> all) {
        var part = model.picked();
        if (part.isEmpty()) return "Pick the part that is sprayed: what lies at its edge is listed here.";
        if (all.isEmpty())
            return "Nothing lies at the edge of the %s as it is now."
                    .formatted(part.get().name());
        var masked = all.stream().filter(Edge::isMasked).count();
        return String.format(
                Locale.UK,
                "Beside the %s %d masked, %d taken off: %s, %.1f m of film.",
                part.get().name(),
                masked,
                all.size() - masked,
                Words.hours(all.stream().mapToDouble(Edge::hours).sum()),
                all.stream().mapToDouble(Edge::filmM).sum());
    }

    private Node row(Edge edge) {
        var name = model.job().cabin().named(edge.beside()).name();
        var reason = edge.reason(name);
        var metres = field("edge-m-" + edge.beside(), edge.edgeM(), "Metres of edge of the " + name);
        metres.setOnAction(_ -> say(() -> edge.measuring(Typed.number(metres))));
        var hours = field(
                "edge-h-" + edge.beside(), edge.offHours(), "Hours to take off the %s and put it back".formatted(name));
        hours.setOnAction(_ -> say(() -> edge.takingOff(Typed.number(hours))));
        var brittle = box("It may break", edge.isBrittle(), () -> say(() -> edge.brittle(!edge.isBrittle())));
        var laps = box("It laps", edge.isLapped(), () -> say(() -> edge.lapped(!edge.isLapped())));
        var deeds = Nodes.form(
                12,
                Nodes.field("Edge, m", metres),
                Nodes.field("Off and on, h", hours),
                Nodes.level(brittle),
                Nodes.level(laps),
                Nodes.level(way(edge, Way.MASKED, "Mask it", "mask-" + edge.beside())),
                Nodes.level(way(edge, Way.TAKEN_OFF, "Take it off", "take-off-" + edge.beside())));
        var box = Nodes.column(
                6,
                Nodes.label(
                        (isSaid(edge) ? "" : "A guess: ")
                                + (isSaid(edge) ? Words.capital(name) : name)
                                + (edge.isMasked() ? ", masked" : ", taken off"),
                        Styles.STRONG),
                Nodes.label(reason.said(), Styles.SECOND),
                deeds);
        box.setId("edge-" + edge.beside());
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private Node way(Edge edge, Way way, String word, String id) {
        var isSo = edge.isMasked() == (way == Way.MASKED);
        var button = Nodes.button(
                isSo ? "✓ " + word : word, "It is done so, whatever reason says", () -> say(() -> edge.done(way)));
        button.setId(id);
        return button;
    }

    private static CheckBox box(String word, boolean isSo, Runnable then) {
        var box = new CheckBox(word);
        box.setSelected(isSo);
        box.setMinHeight(40);
        box.setOnAction(_ -> then.run());
        return box;
    }

    private static TextField field(String id, double number, String said) {
        var field = new TextField(Typed.text(number));
        field.setId(id);
        field.setAccessibleText(said);
        field.setPrefColumnCount(4);
        return field;
    }

    private interface Making {
        Edge edge();
    }

    private void say(Making making) {
        try {
            model.make(new AtFinish(new EdgeSaid(making.edge())));
        } catch (IllegalArgumentException refused) {
            wrong.setText(String.valueOf(refused.getMessage()));
        }
    }

    private void takeAll() {
        var open = all().stream().filter(edge -> !isSaid(edge)).toList();
        if (!open.isEmpty())
            model.make(Together.of(
                    open.stream().map(edge -> new AtFinish(new EdgeSaid(edge))).toList()));
    }
}
