package welumen.desktop.look;

import javafx.css.PseudoClass;
import welumen.cabin.PartState;

/** The style classes and pseudo-classes of {@code app.css}, each named once. */
public final class Styles {
    public static final String EVENING = "evening";
    public static final String ANSWER = "answer";
    public static final String EYEBROW = "eyebrow";
    public static final String SECOND = "second";
    public static final String HEADING = "heading";
    public static final String STRONG = "strong";
    public static final String NOTE = "note";
    public static final String MEASURE = "measure";
    public static final String DANGER = "danger";
    public static final String CARD = "card";
    public static final String FELT = "felt";
    public static final String CHIEF = "chief";
    public static final String ON_FELT = "on-felt";
    public static final String ON_FELT_FAINT = "on-felt-faint";
    public static final String ON_FELT_WAX = "on-felt-wax";
    public static final String ON_FELT_DANGER = "on-felt-danger";
    /** On what is still being worked out; nothing is drawn for it. */
    public static final String WORKING = "working";

    public static final String TAG = "tag";
    public static final String SWATCH = "swatch";

    public static final PseudoClass PICKED = PseudoClass.getPseudoClass("picked");
    public static final PseudoClass WANTED = PseudoClass.getPseudoClass("wanted");
    public static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");

    /** An answer of more than one line. */
    public static final PseudoClass LONG = PseudoClass.getPseudoClass("long");

    private Styles() {}

    /** The class that draws a state's border. */
    public static String of(PartState state) {
        return state.word().replace(' ', '-');
    }
}
