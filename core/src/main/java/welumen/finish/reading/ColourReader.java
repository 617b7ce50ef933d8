package welumen.finish.reading;

import welumen.colour.Reflectance;

/** A device that is held on a surface and reads its colour and its gloss. */
public interface ColourReader {
    /**
     * What it shows of a surface.
     *
     * @param gloss units at 60°
     */
    record Shown(Reflectance reflectance, double gloss) {}

    /**
     * Reads what it is held on.
     *
     * @param what on what, in words
     */
    Shown read(String what);
}
