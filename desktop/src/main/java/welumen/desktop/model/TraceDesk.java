package welumen.desktop.model;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.application.Platform;
import welumen.cabin.Part;
import welumen.files.photo.PhotoFile;
import welumen.journal.StoreException;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.trace.FloorCamera;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;
import welumen.trace.Tracer;

/** Traces old pieces from photos, beside the window, since it takes a few seconds. */
public final class TraceDesk {
    private final FloorCamera camera;

    TraceDesk(FloorCamera camera) {
        this.camera = camera;
    }

    /** Photographs a part's old piece on the floor; what came of it is told on the window's thread. */
    public void photograph(Part part, TraceOptions options, Consumer<Parsed<Traced>> then) {
        beside(() -> new PhotoFile(camera.above(part.name()), part.name()), part.name(), options, then);
    }

    /** Photographs a hide on the table, its flaws chalked over in the table's colour. */
    public void photographHide(String hide, TraceOptions options, Consumer<Parsed<Traced>> then) {
        beside(() -> new PhotoFile(camera.above(hide), hide), hide, options, then);
    }

    /** Reads a photo that somebody chose. */
    public void open(Path photo, TraceOptions options, Consumer<Parsed<Traced>> then) {
        beside(() -> PhotoFile.of(photo), photo.getFileName().toString(), options, then);
    }

    private static void beside(
            Callable<PhotoFile> photo, String name, TraceOptions options, Consumer<Parsed<Traced>> then) {
        Thread.ofPlatform().daemon().name("tracing a photo").start(() -> {
            var answer = traced(photo, name, options);
            Platform.runLater(() -> then.accept(answer));
        });
    }

    private static Parsed<Traced> traced(Callable<PhotoFile> photo, String name, TraceOptions options) {
        try {
            return Tracer.trace(photo.call().picture(), options);
        } catch (StoreException fault) {
            return new Refused<>(fault.getMessage());
        } catch (Exception fault) {
            return new Refused<>("The photo [%s] could not be traced: %s.".formatted(name, fault.getMessage()));
        }
    }
}
