package welumen.desktop.model;

import java.util.Optional;
import welumen.evidence.Camera;
import welumen.finish.reading.ColourReader;
import welumen.strip.label.LabelCamera;
import welumen.strip.label.LabelPrinter;
import welumen.trace.FloorCamera;

/**
 * The devices at this bench.
 *
 * @param reader of colour and gloss; a bench without one goes by card and eye
 */
public record Devices(
        Camera camera,
        LabelPrinter printer,
        LabelCamera labelCamera,
        FloorCamera floorCamera,
        PaperOpener papers,
        Optional<ColourReader> reader) {
    /** Of a bench without a reader. */
    public Devices(
            Camera camera, LabelPrinter printer, LabelCamera labelCamera, FloorCamera floorCamera, PaperOpener papers) {
        this(camera, printer, labelCamera, floorCamera, papers, Optional.empty());
    }
}
