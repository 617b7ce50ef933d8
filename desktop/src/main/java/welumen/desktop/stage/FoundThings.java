package welumen.desktop.stage;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.intake.FoundThing;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.intake.IntakeChange.ThingStruck;
import welumen.job.JobChange.AtIntake;

/** Things of the customer's that were in the car: listed now, handed back at the end. */
final class FoundThings extends VBox {
    private final JobModel model;

    FoundThings(JobModel model) {
        super(8);
        this.model = model;
    }

    void refresh() {
        getChildren()
                .setAll(model.job().brief().things().stream().map(this::row).toList());
    }

    /** Lists one; false if it was refused. */
    boolean list(String what, String where) {
        var thing =
                new FoundThing(model.job().brief().nextThing(), what, where.isBlank() ? "in the car" : where, false);
        return model.make(new AtIntake(new ThingFound(thing)));
    }

    int toHandBack() {
        return (int) model.job().brief().things().stream()
                .filter(thing -> !thing.handedBack())
                .count();
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
}
