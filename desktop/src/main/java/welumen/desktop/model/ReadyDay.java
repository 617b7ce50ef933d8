package welumen.desktop.model;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The day by which the open car is ready in most runs, as it was planned last; empty where it was not planned since it was opened. */
public final class ReadyDay {
    private final ReadOnlyObjectWrapper<Optional<LocalDate>> day = new ReadOnlyObjectWrapper<>(Optional.empty());

    /** @param opened whose day is forgotten when another car is opened */
    ReadyDay(ReadOnlyObjectProperty<?> opened) {
        opened.subscribe((_, _) -> day.set(Optional.empty()));
    }

    /** It was planned. @param planned of which car, @param open which car is open now */
    public void is(UUID planned, UUID open, LocalDate ready) {
        if (planned.equals(open)) day.set(Optional.of(ready));
    }

    public ReadOnlyObjectProperty<Optional<LocalDate>> dayProperty() {
        return day.getReadOnlyProperty();
    }
}
