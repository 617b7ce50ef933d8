package welumen.survey;

/** What can be wrong with a part. */
public enum FindingKind {
    SCUFF("scuff"),
    FADING("fading"),
    STAIN("stain"),
    FINE_CRACK("fine cracks"),
    DEEP_CRACK("deep crack"),
    TEAR("tear"),
    HOLE("hole"),
    BROKEN_SEAM("broken seam"),
    SHRUNK_COVER("shrunk cover"),
    FLAT_FOAM("flat foam"),
    LOOSE_GLUE("loose glue"),
    MOULD("mould"),
    DAMP("damp"),
    SURFACE_RUST("surface rust"),
    RUST_THROUGH("rust through"),
    BROKEN_TAB("broken tab"),
    MISSING_CLIP("missing clip"),
    WARPED_BOARD("warped board"),
    WRONG_COLOUR("wrong colour"),
    FUNCTION_FAULT("does not work");

    private final String word;

    FindingKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether work that would cover it must stop until somebody qualified has seen to it. */
    public boolean stopsWork() {
        return this == RUST_THROUGH || this == MOULD;
    }
}
