package welumen.desktop.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.stage.Window;
import welumen.cabin.Part;
import welumen.desktop.look.FileChoice;
import welumen.desktop.model.JobModel;

/** The photos for the step that is being typed: from the camera, the phone's folder or files, some still on their way. */
final class StepPhotos {
    private final JobModel model;
    private final Consumer<List<String>> arrived;
    private final List<String> photos = new ArrayList<>();
    private int coming;
    private Runnable onceHere = () -> {};

    /** @param arrived told of each photo that is here; it keeps them by {@link #add} or elsewhere */
    StepPhotos(JobModel model, Consumer<List<String>> arrived) {
        this.model = model;
        this.arrived = arrived;
    }

    List<String> list() {
        return photos;
    }

    void add(List<String> more) {
        photos.addAll(more);
    }

    void clear() {
        photos.clear();
    }

    void take(Part part) {
        model.photos().take(part).ifPresent(photo -> arrived.accept(List.of(photo)));
    }

    /** @param none what to do where none has come since the last step */
    void pickUp(Runnable none) {
        coming++;
        model.photos().pickUpFromPhone(found -> {
            here(found);
            if (found.isEmpty()) none.run();
        });
    }

    void choose(Window owner) {
        var files = FileChoice.photos(owner, "Photos for this step");
        if (files.isEmpty()) return;
        coming++;
        model.photos().keep(files, this::here);
    }

    /** Runs at once where all photos are here; else once they are. */
    void whenHere(Runnable action) {
        if (coming == 0) action.run();
        else onceHere = action;
    }

    private void here(List<String> found) {
        coming--;
        if (!found.isEmpty()) arrived.accept(found);
        if (coming > 0) return;
        var action = onceHere;
        onceHere = () -> {};
        action.run();
    }
}
