package welumen.desktop.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * A line of which nobody has to know the language. The words it knows stand below it as buttons that write themselves; while
 * one types, what was understood stands there as chips, each of which picks its words again to be put right. The arrow keys
 * up and down dial the number at the cursor by one, with Shift by ten; Tab goes on to the next number. Enter does it.
 *
 * @param <T> what the line means
 */
public final class WordLine<T> extends VBox {
    private final TextField field = new TextField();
    private final FlowPane below = new FlowPane(6, 6);
    private final List<Button> words = new ArrayList<>();
    private final Function<String, Parsed<T>> read;
    private final Function<T, List<String>> said;
    private String between = ",";
    private Optional<Supplier<String>> name = Optional.empty();
    private Consumer<Optional<T>> reading = _ -> {};
    private Predicate<T> done = _ -> false;
    private Consumer<String> wrong = _ -> {};

    /**
     * @param read what is typed, understood or refused in words
     * @param said what was understood, a few words for each thing
     */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public WordLine(String id, String word, Function<String, Parsed<T>> read, Function<T, List<String>> said) {
        super(6);
        this.read = read;
        this.said = said;
        field.setId(id);
        field.setAccessibleText(word);
        field.textProperty().subscribe(this::show);
        field.setOnAction(_ -> enter());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::dial);
        below.setId(id + "-understood");
        below.setMinHeight(USE_PREF_SIZE);
        setMinWidth(0);
        getChildren().addAll(field, below);
        show(field.getText());
    }

    /** An example that stands in it faintly while it is empty. */
    public WordLine<T> example(String prompt) {
        field.setPromptText(prompt);
        return this;
    }

    /** @param sign what stands between two things that it says, a comma where nothing else is said */
    public WordLine<T> joinedBy(String sign) {
        between = sign;
        return this;
    }

    /**
     * A word that can be pressed in place of being typed.
     *
     * @param inserts what is written; what stands between two upright strokes is picked, to be typed over
     */
    public WordLine<T> knows(String shown, String inserts, String meaning) {
        return knows(shown, () -> inserts, meaning);
    }

    /** The same of which it hangs on what is picked what is written. */
    public WordLine<T> knows(String shown, Supplier<String> inserts, String meaning) {
        var button = Nodes.button(shown, meaning, () -> insert(inserts.get()));
        button.setId(
                "%s-%s".formatted(field.getId(), shown.toLowerCase(Locale.ROOT).replace(' ', '-')));
        button.getStyleClass().add("tool");
        button.setFocusTraversable(false); // the line itself has the keyboard
        words.add(button);
        show(field.getText());
        return this;
    }

    /** @param then told of each meaning as it is typed, and of none while there is none */
    public WordLine<T> whileTyping(Consumer<Optional<T>> then) {
        reading = then;
        return this;
    }

    /**
     * @param then does it on Enter; where it is done the line is empty again
     * @param refused told why nothing was done, and nothing once something was
     */
    public WordLine<T> onEnter(Predicate<T> then, Consumer<String> refused) {
        done = then;
        wrong = refused;
        return this;
    }

    public TextField field() {
        return field;
    }

    /** Reads it anew, since what it speaks of is another now. */
    public void readAgain() {
        if (!field.getText().isBlank()) show(field.getText());
    }

    /** Writes words into it, for the trimmer to finish; their first number is picked. */
    public void begin(String text) {
        field.setText(text);
        pickNumber(0);
    }

    private void enter() {
        if (field.getText().isBlank()) return;
        switch (read.apply(field.getText())) {
            case Refused<T>(var why) -> wrong.accept(why);
            case Understood<T>(var meaning) -> {
                wrong.accept("");
                if (done.test(meaning)) field.clear();
            }
        }
    }

    /** A name, that a line begins with, is guessed; it is picked, to be typed over. @param guess of it */
    public WordLine<T> named(Supplier<String> guess) {
        name = Optional.of(guess);
        return this;
    }

    private void insert(String text) {
        if (text.startsWith(" ") && field.getText().isBlank() && name.isPresent()) {
            var guess = name.get().get();
            field.setText(guess + text.replace("|", ""));
            field.requestFocus();
            field.selectRange(0, guess.length());
            return;
        }
        var value = text.indexOf('|');
        if (value >= 0) {
            var whole = text.replace("|", "");
            var at = write(whole) + value - (text.startsWith(" ") ? 1 : 0);
            field.requestFocus();
            field.selectRange(at, at + text.lastIndexOf('|') - value - 1);
            return;
        }
        pickNumber(write(text));
    }

    /** Writes it behind what is there. @return where it begins */
    private int write(String text) {
        var before = field.getText().stripTrailing();
        var joined = before.isEmpty() || before.endsWith(between) || text.startsWith(" ")
                ? before
                : before + (between.equals(",") ? between : " " + between);
        var start = joined.isEmpty() ? 0 : joined.length() + 1;
        field.setText(joined.isEmpty() ? text.strip() : joined + " " + text.strip());
        return Math.min(start, field.getText().length());
    }

    private void pickNumber(int from) {
        field.requestFocus();
        var number = DialledNumber.next(field.getText(), from);
        if (number.isPresent())
            field.selectRange(number.get().start(), number.get().end());
        else field.end();
    }

    private void dial(KeyEvent key) {
        if (key.getCode() == KeyCode.TAB && !key.isShiftDown() && !key.isControlDown()) {
            DialledNumber.next(field.getText(), field.getCaretPosition()).ifPresent(number -> {
                field.selectRange(number.start(), number.end());
                key.consume();
            });
            return;
        }
        var way = key.getCode() == KeyCode.UP ? 1 : key.getCode() == KeyCode.DOWN ? -1 : 0;
        if (way == 0 || key.isAltDown() || key.isShortcutDown()) return;
        DialledNumber.at(field.getText(), field.getCaretPosition()).ifPresent(number -> {
            var dialled = number.by(way * (key.isShiftDown() ? 10 : 1));
            field.replaceText(number.start(), number.end(), dialled);
            field.selectRange(number.start(), number.start() + dialled.length());
        });
        key.consume();
    }

    private void show(String text) {
        if (text.isBlank()) {
            below.getChildren().setAll(words);
            reading.accept(Optional.empty());
        } else
            switch (read.apply(text)) {
                case Refused<T>(var why) -> {
                    below.getChildren().setAll(Nodes.label("Not yet: " + why, Styles.NOTE));
                    below.getChildren().addAll(words);
                    reading.accept(Optional.empty());
                }
                case Understood<T>(var meaning) -> {
                    below.getChildren().setAll(chips(said.apply(meaning)));
                    below.getChildren().addAll(words);
                    reading.accept(Optional.of(meaning));
                }
            }
        below.setVisible(!below.getChildren().isEmpty());
        below.setManaged(!below.getChildren().isEmpty());
    }

    private List<Node> chips(List<String> understood) {
        var chips = new ArrayList<Node>();
        for (var i = 0; i < understood.size(); i++) {
            var number = i;
            var chip = Nodes.button(understood.get(i), "Put this right", () -> pickClause(number, understood.size()));
            chip.getStyleClass().add("understood");
            chip.setFocusTraversable(false);
            chips.add(chip);
        }
        return chips;
    }

    /** The words from which a chip was understood; all of them, where they cannot be told apart. */
    private void pickClause(int number, int of) {
        field.requestFocus();
        var clauses = field.getText().split(Pattern.quote(between), -1);
        if (clauses.length != of) {
            field.selectAll();
            return;
        }
        var start = 0;
        for (var i = 0; i < number; i++) start += clauses[i].length() + 1;
        field.selectRange(start, start + clauses[number].length());
    }
}
