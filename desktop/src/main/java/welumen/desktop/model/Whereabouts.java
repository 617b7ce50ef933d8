package welumen.desktop.model;

import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.job.WorkStage;
import welumen.yard.CarFile;

/** Where one stands in the window: at which car, screen, stage, part and leaf; and where one stood in the other cars. */
final class Whereabouts {
    final ReadOnlyObjectWrapper<CarFile> opened = new ReadOnlyObjectWrapper<>(this, "opened", JobModel.NO_CAR);
    final ObjectProperty<WorkStage> stage = new SimpleObjectProperty<>(this, "stage", WorkStage.STRIP);
    final ObjectProperty<PartId> picked = new SimpleObjectProperty<>(this, "picked");
    final ObjectProperty<Screen> screen = new SimpleObjectProperty<>(this, "screen", Screen.STAGE);
    final ReadOnlyObjectWrapper<Middle> place = new ReadOnlyObjectWrapper<>(this, "place");
    private final Standpoints standpoints;
    private boolean turning;

    Whereabouts(Standpoints standpoints) {
        this.standpoints = standpoints;
    }

    /** From now on what is turned to is remembered. */
    void remember() {
        stage.subscribe(_ -> {
            standpoints.stoodAt(opened.get().job(), stage.get());
            settle();
        });
        picked.subscribe(() -> {
            if (picked.get() != null) standpoints.picked(opened.get().job(), picked.get());
        });
        screen.subscribe(_ -> settle());
    }

    private void settle() {
        if (!turning)
            place.set(new Middle(screen.get(), stage.get(), opened.get().job()));
    }

    /**
     * Turns to a car, where one was in it; {@link #place} changes once.
     *
     * @param read called once the car is the open one
     * @param has whether it has a part
     * @param likely the part to begin with where one was at none
     */
    void turnTo(CarFile car, Runnable read, Predicate<PartId> has, Supplier<@Nullable PartId> likely) {
        turning = true;
        var stoodAt = standpoints.stage(car.job());
        var picks = standpoints.part(car.job());
        standpoints.turnedTo(car.job());
        opened.set(car);
        read.run();
        picked.set(picks.filter(has).orElseGet(likely));
        stoodAt.ifPresent(stage::set);
        turning = false;
        settle();
    }

    Optional<String> leaf(WorkStage of) {
        return standpoints.leaf(opened.get().job(), of);
    }

    void turnedLeaf(WorkStage of, String leaf) {
        standpoints.turnedLeaf(opened.get().job(), of, leaf);
    }
}
