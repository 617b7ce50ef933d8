package welumen.desktop.refit;

import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CautionCard;
import welumen.desktop.stage.StagePane;
import welumen.job.WorkStage;

/** The order in which parts go back and why; one put back with its fixings counted; the account of all fixings. */
public final class RefitView extends StagePane {
    private final OrderList order;
    private final FixingsLeaf fixings;
    private final PutBackForm form;
    private final CautionCard cautions;
    private final StackPane left = new StackPane();
    private boolean showsFixings;

    public RefitView(JobModel model) {
        super(model);
        form = new PutBackForm(model);
        cautions = new CautionCard(model, WorkStage.REFIT);
        cautions.listenIn(this);
        order = new OrderList(model, form::putBack);
        fixings = new FixingsLeaf(model);
        var orderLeaf = leaf("In this order", "leaf-order", false);
        var fixingsLeaf = leaf("Fixings", "leaf-fixings", true);
        var column = Nodes.column(8, Nodes.row(4, orderLeaf, fixingsLeaf), left);
        VBox.setVgrow(left, Priority.ALWAYS);
        left.setMinHeight(0);
        left.getChildren().setAll(order);
        orderLeaf.pseudoClassStateChanged(Styles.PICKED, true);
        var lower = new HBox(28, column, form);
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setMinWidth(0);
        VBox.setVgrow(lower, Priority.ALWAYS);
        lower.setMinHeight(0);
        getChildren().addAll(cautions, lower);
    }

    private Node leaf(String word, String id, boolean forFixings) {
        var button = Nodes.button(
                word, "Turn to this leaf (Ctrl+PageDown and PageUp turn on and back)", () -> turnTo(forFixings));
        button.getStyleClass().add("leaf");
        button.setId(id);
        return button;
    }

    @Override
    public void turnLeaf(int by) {
        turnTo(!showsFixings);
    }

    private void turnTo(boolean forFixings) {
        showsFixings = forFixings;
        left.getChildren().setAll(showsFixings ? fixings : order);
        lookup("#leaf-order").pseudoClassStateChanged(Styles.PICKED, !showsFixings);
        lookup("#leaf-fixings").pseudoClassStateChanged(Styles.PICKED, showsFixings);
        refresh();
    }

    @Override
    public Node first() {
        return order.list();
    }

    @Override
    protected void refresh() {
        order.refresh();
        if (showsFixings) fixings.refresh();
        form.refresh();
        cautions.refresh();
        model.picked().ifPresentOrElse(this::say, () -> headline.say("Refit", "Nothing is off the car.", ""));
    }

    private void say(Part part) {
        var against = model.job().signOff().objections(part.id());
        headline.say(part.title(), ObjectionWords.answer(model.job(), part, against), next());
    }

    private String next() {
        return order.first()
                .map(part -> "%s to go back; the %s comes first."
                        .formatted(
                                Words.many(order.count(), "part"),
                                model.job().cabin().one(part).name()))
                .orElse("Nothing waits to go back.");
    }
}
