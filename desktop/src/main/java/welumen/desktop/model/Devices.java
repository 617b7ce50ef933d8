package welumen.desktop.model;

import welumen.evidence.Camera;
import welumen.strip.label.LabelCamera;
import welumen.strip.label.LabelPrinter;
import welumen.trace.FloorCamera;

/** The devices at this bench. */
public record Devices(
        Camera camera, LabelPrinter printer, LabelCamera labelCamera, FloorCamera floorCamera, PaperOpener papers) {}
