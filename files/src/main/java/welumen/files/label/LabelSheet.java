package welumen.files.label;

/** The label sheets that stationers sell, on A4, in millimetres. */
public enum LabelSheet {
    THREE_BY_SEVEN("63.5 × 38.1 mm, 21 a sheet", 3, 7, 63.5, 38.1, 7.2, 15.1, 66.0, 38.1),
    TWO_BY_SEVEN("99.1 × 38.1 mm, 14 a sheet", 2, 7, 99.1, 38.1, 4.65, 15.1, 101.6, 38.1),
    TWO_BY_FOUR("99.1 × 67.7 mm, 8 a sheet", 2, 4, 99.1, 67.7, 4.65, 13.1, 101.6, 67.7),
    THREE_BY_EIGHT("70 × 37 mm, 24 a sheet", 3, 8, 70, 37, 0, 0.5, 70, 37);

    private final String word;
    private final int columns;
    private final int rows;
    private final double width;
    private final double height;
    private final double left;
    private final double top;
    private final double acrossStep;
    private final double downStep;

    LabelSheet(
            String word,
            int columns,
            int rows,
            double width,
            double height,
            double left,
            double top,
            double acrossStep,
            double downStep) {
        this.word = word;
        this.columns = columns;
        this.rows = rows;
        this.width = width;
        this.height = height;
        this.left = left;
        this.top = top;
        this.acrossStep = acrossStep;
        this.downStep = downStep;
    }

    public String word() {
        return word;
    }

    public int perSheet() {
        return columns * rows;
    }

    /** The left edge of a label, from the sheet's left, in mm. */
    public double x(int index) {
        return left + index % columns * acrossStep;
    }

    /** The upper edge of a label, from the sheet's top, in mm. */
    public double y(int index) {
        return top + index / columns % rows * downStep;
    }

    /** The width of a label in mm. */
    public double width() {
        return width;
    }

    /** The height of a label in mm. */
    public double height() {
        return height;
    }
}
