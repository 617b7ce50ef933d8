package welumen.files.dxf;

/** What a layer of a pattern drawing is for, by the number that the standard gives it. */
public enum Layer {
    BOUNDARY(1),
    NOTCHES(4),
    MIRROR(6),
    GRAIN(7),
    INTERNAL(8),
    CUT_OUT(11),
    DRILL(13),
    SEW(14),
    ANNOTATION(15);

    private final int number;

    Layer(int number) {
        this.number = number;
    }

    public int number() {
        return number;
    }
}
