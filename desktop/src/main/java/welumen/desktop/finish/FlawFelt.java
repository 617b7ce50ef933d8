package welumen.desktop.finish;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CrossFelt;
import welumen.finish.underway.Coating;
import welumen.finish.underway.Flaw;
import welumen.shape.Point;

/** The surface under raking light: its outline with what was mapped on it. A press maps there, and so does Enter where the cross is. */
final class FlawFelt extends CrossFelt {
    private static final double MARGIN = 36;

    private final Consumer<Point> mapped;
    private final Consumer<Flaw> picked;
    private Optional<Coating> shown = Optional.empty();

    /**
     * @param mapped told where something is mapped, in mm from the outline’s lower left
     * @param picked told of a flaw that was pressed
     */
    FlawFelt(JobModel model, Consumer<Point> mapped, Consumer<Flaw> picked) {
        super(
                model,
                "flaw-felt",
                "The surface under raking light; arrow keys move the cross by 10 mm, Enter maps there",
                MARGIN);
        this.mapped = mapped;
        this.picked = picked;
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) pressed();
            else if (!moves(key.getCode())) return;
            key.consume();
        });
    }

    @Override
    protected void pressed() {
        mapped.accept(cross());
    }

    void show(Optional<Coating> coating) {
        shown = coating;
        lay(coating.map(one -> one.part().stream().findFirst()).map(part -> new Lying(kind(part), part)));
    }

    /** What is no part of the cabin lies there as a panel. */
    private PartKind kind(Optional<PartId> part) {
        return part.flatMap(model.job().cabin()::findOne).map(Part::kind).orElse(PartKind.FASCIA);
    }

    @Override
    protected void draw() {
        if (shown.isEmpty()) {
            empty("Begin a surface at Coats, and it lies here under raking light.");
            return;
        }
        drawOutline();
        shown.get().flaws().forEach(this::draw);
        drawCross();
        foot("Press where it shows, or move the cross and press Enter; press a mark once it is mended.");
    }

    /** Open ones are pins with their word; what is mended is a tick. */
    private void draw(Flaw flaw) {
        var pin = new Label(flaw.isMended() ? "✓" : Integer.toString(flaw.number()));
        pin.getStyleClass().add("pin");
        pin.setId("flaw-" + flaw.number());
        pin.setFocusTraversable(!flaw.isMended());
        pin.setAccessibleText(
                "%s %d, %s".formatted(flaw.kind().word(), flaw.number(), flaw.isMended() ? "mended" : "to be mended"));
        pin.relocate(chalk().x(flaw.at().x()) - 12, chalk().y(flaw.at().y()) - 12);
        pin.setOnMouseClicked(mouse -> {
            mouse.consume(); // nothing is mapped beneath it
            picked.accept(flaw);
        });
        pin.setOnKeyPressed(key -> {
            switch (key.getCode()) {
                case ENTER, SPACE -> picked.accept(flaw);
                default -> {
                    return;
                }
            }
            key.consume();
        });
        getChildren().add(pin);
        var word = Nodes.whole(flaw.kind().word(), "chalk-word");
        word.relocate(chalk().x(flaw.at().x()) - 12, chalk().y(flaw.at().y()) + 12);
        getChildren().add(word);
    }
}
