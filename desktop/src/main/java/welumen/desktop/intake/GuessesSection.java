package welumen.desktop.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.doubt.Guess;
import welumen.job.GuessAnswer;
import welumen.job.GuessWords;

/** What an earlier car taught and nobody has confirmed on this one: right with one key, or struck out. */
final class GuessesSection extends Leaf {
    private final Label said = Nodes.label("", Styles.STRONG);
    private final VBox list = new VBox(8);
    private final Button all = Nodes.chief("All of these are right", "Confirm every guess at once", this::confirmAll);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    GuessesSection(JobModel model) {
        super(model, Reads.CAR);
        said.setId("guesses-said");
        all.setId("guesses-right");
        getChildren().addAll(Nodes.row(16, Nodes.grown(said), all), Nodes.scroll(list));
    }

    @Override
    protected Node first() {
        return all;
    }

    private List<Guess> open() {
        return model.job().doubts().open();
    }

    @Override
    protected void refresh() {
        var open = open();
        said.setText(
                open.isEmpty()
                        ? "Nothing is guessed any more."
                        : "%s from the %s. Hold them against this car."
                                .formatted(
                                        Words.many(open.size(), "guess").replace("guesss", "guesses"),
                                        open.getFirst().from()));
        all.setVisible(!open.isEmpty());
        list.getChildren().setAll(open.stream().map(this::row).toList());
    }

    private Node row(Guess guess) {
        var id = "%s-%s".formatted(guess.kind().name().toLowerCase(Locale.ROOT), guess.about());
        var right = Nodes.button(
                "Right", "It is so in this car too", () -> model.makeTogether(GuessAnswer.right(List.of(guess))));
        right.setId("right-" + id);
        var wrong = Nodes.button("Wrong", "It is otherwise in this car: strike it out", () -> wrong(guess));
        wrong.setId("wrong-" + id);
        var words = new ArrayList<Node>();
        words.add(Nodes.label(Words.capital(GuessWords.about(guess, model.job())), Styles.STRONG));
        words.add(Nodes.label(GuessWords.says(guess, model.job()), Styles.SECOND));
        var row = Nodes.row(10, Nodes.grown(Nodes.column(2, words.toArray(Node[]::new))), right, wrong);
        row.getStyleClass().addAll(Styles.CARD, "guess");
        return row;
    }

    private void wrong(Guess guess) {
        if (!model.makeTogether(GuessAnswer.wrong(guess, model.own()))) return;
        if (guess.kind() != Guess.Kind.PIECE) model.pickedProperty().set(new PartId(guess.about()));
    }

    private void confirmAll() {
        model.makeTogether(GuessAnswer.right(open()));
    }
}
