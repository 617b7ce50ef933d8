package welumen.desktop.look;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyCombination.Modifier;
import javafx.scene.input.KeyEvent;

/** The keys of the window: what each does in words, and how that is told beside the control that does the same. */
public enum Keys {
    TAKE_BACK("Take back the last action", on(KeyCode.Z, KeyCombination.SHORTCUT_DOWN)),
    PUT_BACK(
            "Put back what was taken back",
            on(KeyCode.Y, KeyCombination.SHORTCUT_DOWN),
            on(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN)),
    HELP("What this leaf is for", on(KeyCode.F1)),
    OTHER_UNITS("A size in other units", on(KeyCode.F5)),
    CARS("The cars, and another one coming in", on(KeyCode.F3)),
    YARD("People, places, stock, prices and ways of the yard", on(KeyCode.DIGIT0, KeyCombination.ALT_DOWN)),
    LARGE_CABIN("Every part as a target of its own", on(KeyCode.C, KeyCombination.ALT_DOWN)),
    TO_THE_STAGE("Back to the stage", on(KeyCode.ESCAPE)),
    WORK_TIME("Start or stop your working time on the picked part", on(KeyCode.F6)),
    EVENING("Daylight or evening", on(KeyCode.F9)),
    NEXT_LEAF("Turn to the next leaf", on(KeyCode.PAGE_DOWN, KeyCombination.SHORTCUT_DOWN)),
    LEAF_BEFORE("Turn to the leaf before", on(KeyCode.PAGE_UP, KeyCombination.SHORTCUT_DOWN)),
    LARGER(
            "Larger text",
            on(KeyCode.PLUS, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_ANY),
            on(KeyCode.EQUALS, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_ANY),
            on(KeyCode.ADD, KeyCombination.SHORTCUT_DOWN)),
    SMALLER(
            "Smaller text",
            on(KeyCode.MINUS, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_ANY),
            on(KeyCode.SUBTRACT, KeyCombination.SHORTCUT_DOWN)),
    SEEN("Noted as seen; not shown again for this kind of work in this job", on(KeyCode.F4)),
    PHOTO("Take a photo for this step", on(KeyCode.F8)),
    PHONE("Pick up the phone photos since the last step", on(KeyCode.F7)),
    LAST_STEP("Put the last step right", on(KeyCode.F2)),
    LIKELY("Write what is likely, to be confirmed with Enter", on(KeyCode.SPACE, KeyCombination.SHORTCUT_DOWN)),
    AS_IT_STANDS("Keep it as it stands here", on(KeyCode.ENTER, KeyCombination.SHORTCUT_DOWN));

    private final String words;
    private final List<KeyCodeCombination> combinations;

    Keys(String words, KeyCodeCombination... combinations) {
        this.words = words;
        this.combinations = List.of(combinations);
    }

    private static KeyCodeCombination on(KeyCode code, Modifier... with) {
        return new KeyCodeCombination(code, with);
    }

    /** Whether it is this one that was pressed. */
    public boolean is(KeyEvent key) {
        return combinations.stream().anyMatch(one -> one.match(key));
    }

    /** Whether it is this one without a modifier, as one presses it while nothing is typed. */
    public boolean isBare(KeyEvent key) {
        return key.getCode() == combinations.getFirst().getCode()
                && !key.isAltDown()
                && !key.isControlDown()
                && !key.isMetaDown()
                && !key.isShiftDown();
    }

    /** What it does, and the key: “Take back the last action (Ctrl+Z)”. */
    public String told() {
        return told(words);
    }

    /** The same with other words for what it does. */
    public String told(String otherWords) {
        return "%s (%s)".formatted(otherWords, pressed());
    }

    /** The first of its keys, as it is written on them: “Ctrl+Z”. */
    public String pressed() {
        return combinations.getFirst().getDisplayText();
    }
}
