package welumen.desktop.model;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import welumen.files.label.LabelPdf;
import welumen.files.label.LabelSheet;
import welumen.journal.StoreException;
import welumen.measure.Because;
import welumen.strip.label.LabelCamera;
import welumen.strip.label.LabelPrinter;
import welumen.strip.label.TrimLabel;

/** The labels of the open job: what stands on them, printed and photographed. */
public final class LabelDesk {
    private final JobModel model;
    private final LabelPrinter printer;
    private final LabelCamera camera;

    LabelDesk(JobModel model, LabelPrinter printer, LabelCamera camera) {
        this.model = model;
        this.printer = printer;
        this.camera = camera;
    }

    /** The labels of all bags. */
    public List<TrimLabel> ofBags() {
        var here = model.openedProperty().get();
        var job = model.job();
        return job.strip().bags().stream()
                .map(number -> TrimLabel.ofBag(job.cabin(), job.strip(), number, here.job(), here.title()))
                .flatMap(Optional::stream)
                .toList();
    }

    /** The labels of all parts that are out. */
    public List<TrimLabel> ofParts() {
        var here = model.openedProperty().get();
        var job = model.job();
        return job.signOff().stillOut().stream()
                .map(part -> TrimLabel.ofPart(job.cabin(), job.strip(), part, here.job(), here.title()))
                .toList();
    }

    /**
     * Prints labels; where they came out, or empty, with trouble said.
     *
     * @param of what they are of, “bags”: each kind has a sheet of its own
     */
    public Optional<String> print(List<TrimLabel> labels, LabelSheet sheet, String of) {
        var name = "%s %s, labels of %s".formatted(model.openedProperty().get().title(), model.today(), of);
        try {
            var where = printer.print(LabelPdf.write(labels, sheet, 0), name);
            model.made(Path.of(where));
            return Optional.of(where);
        } catch (StoreException fault) {
            model.say(Because.of(fault));
            return Optional.empty();
        }
    }

    /** A photo of the label that lies before the camera. Takes time; call it off the window's thread. */
    public byte[] photograph(List<TrimLabel> printed) {
        return camera.shoot(printed);
    }
}
