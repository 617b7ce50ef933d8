package welumen.files.pattern;

import welumen.files.json.BadFile;

/** How many mm a unit of a drawing is, by the number that its head gives. */
final class DxfUnits {
    private static final double INCH = 25.4;

    private DxfUnits() {}

    /**
     * @param number of {@code $INSUNITS}; nought where it says nothing, which is taken for mm
     * @throws BadFile if pieces of a pattern are not drawn in it
     */
    static double mm(int number, int line) throws BadFile {
        return switch (number) {
            case 0, 4 -> 1;
            case 1 -> INCH;
            case 2 -> 12 * INCH;
            case 5 -> 10;
            case 6 -> 1000;
            case 8 -> INCH / 1e6;
            case 9 -> INCH / 1000;
            case 10 -> 36 * INCH;
            case 13 -> 0.001;
            case 14 -> 100;
            default ->
                throw new BadFile(
                        "line %d: the drawing’s unit is number %d, in which no pattern is drawn. Save it in mm or inches."
                                .formatted(line, number));
        };
    }
}
