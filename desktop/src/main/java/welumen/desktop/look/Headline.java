package welumen.desktop.look;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

/**
 * The top of a stage: what it is about, its answer in words, and one line more. Where a leaf has an answer of its own, that
 * stands large, and what the stage says of the whole below it.
 */
public final class Headline extends VBox {
    /** Letters from which an answer is set smaller, so that it takes two lines at the most. */
    private static final int LONG = 90;

    private final Label eyebrow = Nodes.label("", Styles.EYEBROW);
    private final Label answer = Nodes.label("", Styles.ANSWER);
    private final Label second = Nodes.label("", Styles.SECOND);
    private String more = "";
    private Subscription listening = Subscription.EMPTY;

    public Headline() {
        super(4);
        answer.setId("answer");
        getChildren().addAll(eyebrow, answer, second);
        setMinHeight(USE_PREF_SIZE);
        fit(answer, answer.getText());
        answer.textProperty().subscribe(words -> fit(answer, words));
    }

    public void say(String about, String answerText, String moreText) {
        eyebrow.setText(about);
        answer.setText(answerText);
        answer.setManaged(!answerText.isEmpty());
        second.setText(moreText);
        more = moreText;
        second.setManaged(isAlone() && !more.isEmpty());
    }

    /** The answer of the leaf that is open now. */
    public void of(Label leaf) {
        if (getChildren().contains(leaf)) return;
        listening.unsubscribe();
        getChildren().setAll(eyebrow, leaf, answer, second);
        listening = leaf.textProperty().subscribe(words -> {
            fit(leaf, words);
            var hasOne = !words.isEmpty();
            leaf.setManaged(hasOne);
            leaf.setVisible(hasOne);
            answer.getStyleClass().setAll("label", hasOne ? Styles.SECOND : Styles.ANSWER);
            second.setVisible(!hasOne);
            second.setManaged(!hasOne && !more.isEmpty());
        });
    }

    private boolean isAlone() {
        return second.isVisible();
    }

    private static void fit(Label of, String words) {
        of.pseudoClassStateChanged(Styles.LONG, words.length() > LONG);
    }
}
