package welumen.survey;

import java.util.stream.Stream;

/** What can be wrong with a part. */
public enum FindingKind {
    SCUFF("scuff"),
    FADING("fading"),
    STAIN("stain"),
    PAINT_SPLASH("paint splash"),
    FINE_CRACK("fine cracks"),
    DEEP_CRACK("deep crack"),
    TEAR("tear"),
    HOLE("hole"),
    BROKEN_SEAM("broken seam"),
    SHRUNK_COVER("stretched or shrunk cover"),
    FLAT_FOAM("flat foam"),
    BROKEN_SPRING("broken wire or spring"),
    LOOSE_GLUE("loose glue"),
    DELAMINATION("layers parting"),
    MOULD("mould"),
    SMELL("smell"),
    VERMIN("eaten by rodents"),
    DAMP("damp"),
    SURFACE_RUST("surface rust"),
    PITTED_RUST("pitted rust"),
    RUST_THROUGH("rust through"),
    STRUCTURE("structure cut or missing"),
    WIRING_FAULT("wiring fault"),
    BROKEN_TAB("broken boss or tab"),
    MISSING_CLIP("missing clip"),
    WARPED_BOARD("warped board"),
    BRITTLE("brittle plastic"),
    EARLIER_REPAIR("wrong earlier repair"),
    WRONG_COLOUR("wrong colour"),
    WRONG_GLOSS("too glossy or too dull"),
    GAP("gap to its neighbour"),
    FUNCTION_FAULT("does not work");

    private final String word;

    FindingKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether work that would cover one that is logged now must stop until somebody qualified has seen to it. */
    public boolean stopsWork() {
        return switch (this) {
            case RUST_THROUGH, MOULD, STRUCTURE, WIRING_FAULT -> true;
            default -> false;
        };
    }

    /** Whether it is mended by welding, cutting or grinding: nothing that burns stays near. */
    public boolean wantsHotWork() {
        return this == RUST_THROUGH || this == STRUCTURE;
    }

    /** Whether it has a cause elsewhere that is to be found first, or it comes again under whatever is new. */
    public boolean hasCause() {
        return this == DAMP || this == MOULD || this == SMELL || this == VERMIN;
    }

    /** What is to be found out of one that has a cause, “where the damp comes from”. */
    public String whence() {
        return this == VERMIN ? "where the rodents came in" : "where the %s comes from".formatted(word);
    }

    public static Stream<FindingKind> all() {
        return Stream.of(values());
    }
}
