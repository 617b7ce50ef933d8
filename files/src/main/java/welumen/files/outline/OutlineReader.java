package welumen.files.outline;

import welumen.files.json.BadFile;
import welumen.files.json.Place;
import welumen.shape.Outline;

/** Reads an outline file, {@code welumen-outline/1}: its traced ring, in mm. */
public final class OutlineReader {
    public static final String FORMAT = "welumen-outline/1";

    private OutlineReader() {}

    /** @throws BadFile with the pointer of what is wrong */
    public static Outline read(String text) throws BadFile {
        var file = Place.of(text);
        var format = file.at("format");
        if (!format.text().equals(FORMAT)) throw format.wrong("is not “%s”.".formatted(FORMAT));
        return Ring.read(file.at("outline"));
    }
}
