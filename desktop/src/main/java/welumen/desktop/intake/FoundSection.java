package welumen.desktop.intake;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.FoundThing;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.intake.IntakeChange.ThingStruck;
import welumen.job.JobChange.AtIntake;

/** Things of the customer's that were in the car: listed now, handed back at the end. */
final class FoundSection extends Leaf {
    private final TextField what = new TextField();
    private final VBox things = new VBox(8);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    FoundSection(JobModel model) {
        super(model, Reads.CAR);
        what.setId("found-what");
        what.setPromptText("two coins, under the rear cushion; Enter lists it");
        what.setOnAction(_ -> list());
        getChildren().addAll(Nodes.field("What was found, and where", what), Nodes.scroll(things));
    }

    @Override
    protected Node first() {
        return what;
    }

    @Override
    protected void refresh() {
        things.getChildren()
                .setAll(model.job().brief().things().stream().map(this::row).toList());
        if (things.getChildren().isEmpty())
            things.getChildren().add(Nodes.label("Nothing was found yet.", Styles.SECOND));
    }

    private Node row(FoundThing thing) {
        var words = Nodes.label("%s, %s".formatted(Words.capital(thing.what()), thing.where()));
        if (thing.handedBack()) return Nodes.row(10, words, Nodes.whole("handed back", Styles.NOTE));
        var back = Nodes.button(
                "Handed back",
                "The customer has it again",
                () -> model.make(new AtIntake(new ThingHandedBack(thing.number()))));
        back.setId("handed-back-" + thing.number());
        var gone = Nodes.button(
                "Strike out",
                "It was noted by mistake",
                () -> model.make(new AtIntake(new ThingStruck(thing.number()))));
        gone.setId("strike-thing-" + thing.number());
        var row = Nodes.row(16, words, back, gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Words before the first comma say what, those after it where. */
    private void list() {
        if (what.getText().isBlank()) return;
        var said = what.getText().strip().split("\\s*,\\s*", 2);
        var thing = new FoundThing(
                model.job().brief().nextThing(), said[0], said.length > 1 ? said[1] : "in the car", false);
        if (model.make(new AtIntake(new ThingFound(thing)))) what.clear();
    }
}
