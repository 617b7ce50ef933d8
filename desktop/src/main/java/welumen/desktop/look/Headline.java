package welumen.desktop.look;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The top of a stage: what it is about, its answer in words, and one line more. */
public final class Headline extends VBox {
    private final Label eyebrow = Nodes.label("", Styles.EYEBROW);
    private final Label answer = Nodes.label("", Styles.ANSWER);
    private final Label second = Nodes.label("", Styles.SECOND);

    public Headline() {
        super(4);
        answer.setId("answer");
        getChildren().addAll(eyebrow, answer, second);
        setMinHeight(USE_PREF_SIZE);
    }

    public void say(String about, String answerText, String more) {
        eyebrow.setText(about);
        answer.setText(answerText);
        second.setText(more);
        second.setManaged(!more.isEmpty());
    }
}
