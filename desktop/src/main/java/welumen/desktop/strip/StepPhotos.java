package welumen.desktop.strip;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import welumen.cabin.Part;
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
        var chooser = new FileChooser();
        chooser.setTitle("Photos for this step");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Photos", "*.jpg", "*.jpeg", "*.png"));
        var files = chooser.showOpenMultipleDialog(owner);
        if (files == null) return;
        coming++;
        model.photos().keep(files.stream().map(File::toPath).toList(), this::here);
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
