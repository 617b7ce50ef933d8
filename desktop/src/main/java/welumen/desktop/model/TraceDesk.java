package welumen.desktop.model;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import welumen.cabin.Part;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.files.photo.PhotoFile;
import welumen.journal.StoreException;
import welumen.measure.Because;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.trace.FloorCamera;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;
import welumen.trace.Tracer;

/** Traces old pieces from photos, beside the window, since it takes a few seconds. */
public final class TraceDesk {
    private final Background background;
    private final FloorCamera camera;

    TraceDesk(Background background, FloorCamera camera) {
        this.background = background;
        this.camera = camera;
    }

    /** Photographs a part's old piece on the floor; what came of it is told on the window's thread. */
    public Running photograph(Part part, TraceOptions options, Consumer<Parsed<Traced>> then) {
        return beside(() -> new PhotoFile(camera.above(part.name()), part.name()), part.name(), options, then);
    }

    /** Photographs a hide on the table, its flaws chalked over in the table's colour. */
    public Running photographHide(String hide, TraceOptions options, Consumer<Parsed<Traced>> then) {
        return beside(() -> new PhotoFile(camera.above(hide), hide), hide, options, then);
    }

    /** Reads a photo that somebody chose. */
    public Running open(Path photo, TraceOptions options, Consumer<Parsed<Traced>> then) {
        return beside(() -> PhotoFile.of(photo), String.valueOf(photo.getFileName()), options, then);
    }

    private Running beside(
            Callable<PhotoFile> photo, String name, TraceOptions options, Consumer<Parsed<Traced>> then) {
        return background.ask(
                "tracing the " + name,
                Takes.A_WHILE,
                running -> Tracer.trace(photo.call().picture(), options, share -> {
                    running.is(share);
                    return !running.isStopped();
                }),
                then,
                fault -> then.accept(new Refused<>(
                        fault instanceof StoreException
                                ? Because.of(fault)
                                : "The photo [%s] could not be traced: %s.".formatted(name, fault.getMessage()))));
    }
}
