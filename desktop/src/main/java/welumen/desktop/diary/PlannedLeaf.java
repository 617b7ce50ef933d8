package welumen.desktop.diary;

import javafx.scene.control.Label;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.measure.Because;

/** Shows something of the days as they are planned: the first plan at once, and what is known of it when it is. */
abstract class PlannedLeaf extends Leaf {
    protected final DaysDesk desk;

    private final Label wrong = Nodes.label("", Styles.DANGER);

    PlannedLeaf(JobModel model, DaysDesk desk) {
        super(model, Reads.ALL);
        this.desk = desk;
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
    }

    /** Why they cannot be planned; says nothing otherwise. */
    protected final Label wrong() {
        return wrong;
    }

    @Override
    protected final void refresh() {
        var isFirst = desk.last().isEmpty();
        if (!desk.ask(this::shown, this::failed)) return;
        answer.setText(isFirst ? "Planning the days of all cars …" : "Planning anew …");
        getStyleClass().remove(Styles.WORKING);
        getStyleClass().add(Styles.WORKING);
        begun();
    }

    @Override
    protected final void closed() {
        desk.end();
        getStyleClass().remove(Styles.WORKING);
    }

    private void shown(PlannedDays planned) {
        wrong.setText("");
        if (planned.forecast().isPresent()) getStyleClass().remove(Styles.WORKING);
        show(planned);
    }

    private void failed(Exception fault) {
        getStyleClass().remove(Styles.WORKING);
        answer.setText("The days cannot be planned.");
        wrong.setText(Because.of(fault));
        clear();
    }

    protected abstract void show(PlannedDays planned);

    /** What is said of a plan that is being made anew holds no more. */
    protected void begun() {}

    /** There is no plan to be shown. */
    protected abstract void clear();
}
