package welumen.desktop.model;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import welumen.yard.Yard;
import welumen.yard.YardChange;

/** The yard as every view sees it, and the door to its log. JavaFX thread only. */
public final class YardModel {
    private final JobModel model;
    private final Logs logs;
    private final ReadOnlyObjectWrapper<Yard> yard;

    YardModel(JobModel model, Logs logs) {
        this.model = model;
        this.logs = logs;
        this.yard = new ReadOnlyObjectWrapper<>(this, "yard", logs.yard().state());
    }

    public Yard state() {
        return yard.get();
    }

    public ReadOnlyObjectProperty<Yard> yardProperty() {
        return yard.getReadOnlyProperty();
    }

    /** Makes a change; false if it was refused, which is said as trouble and changes nothing. */
    public boolean make(YardChange change) {
        return model.act(action -> action.make(logs.yard(), change));
    }

    void moved() {
        yard.set(logs.yard().state());
    }
}
