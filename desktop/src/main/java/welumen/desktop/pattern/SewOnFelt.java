package welumen.desktop.pattern;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Button;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.AtPattern;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;

/** Sews two edges where they lie: press, then pick the other edge. Whether they walk is said at Sew, Seams. */
final class SewOnFelt {
    private final JobModel model;
    private final ObjectProperty<PickedEdge> picked;
    private final Consumer<String> say;
    private final Button button = Nodes.button("Sew to …", "Then click the edge that it is sewn to", this::begin);
    private Optional<PickedEdge> from = Optional.empty();

    SewOnFelt(JobModel model, ObjectProperty<PickedEdge> picked, Consumer<String> say) {
        this.model = model;
        this.picked = picked;
        this.say = say;
        button.setId("tool-sew");
        button.getStyleClass().add("tool");
        picked.subscribe((_, now) -> chosen(now));
    }

    Button button() {
        return button;
    }

    private void begin() {
        from = from.isPresent() ? Optional.empty() : Optional.ofNullable(picked.get());
        show();
    }

    private void show() {
        button.pseudoClassStateChanged(Styles.PICKED, from.isPresent());
        say.accept(from.isPresent() ? "Click the edge that it is sewn to; press again to leave it." : "");
    }

    private void chosen(PickedEdge now) {
        if (from.isEmpty() || now == null || now.equals(from.get())) return;
        var one = from.get();
        from = Optional.empty();
        show();
        model.make(new AtPattern(new SeamJoined(
                new Seam(new Side(one.piece(), one.edge()), new Side(now.piece(), now.edge()), 0, false))));
    }
}
