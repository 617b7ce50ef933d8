package welumen.desktop.stage;

import java.util.Collection;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.TextField;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.FigureSaid;

/**
 * A length as the trimmer types it. What is usual stands in it faintly and is reckoned with as the guess that it is; what is
 * typed for a part is kept with it.
 */
public final class MmField extends TextField {
    private final double usualMm;
    private final Runnable onTyped;
    private Optional<JobModel> keeper = Optional.empty();
    private Optional<PartId> shownFor = Optional.empty();

    /**
     * @param usual what is reckoned with until something is typed; empty where nothing is usual
     * @param onTyped called on Enter
     */
    @SuppressWarnings("this-escape") // JavaFX builds a control by its own methods; no subclass overrides them
    public MmField(String id, String usual, Runnable onTyped) {
        usualMm = usual.isEmpty() ? Double.NaN : Length.parse(usual).orThrow().mm();
        this.onTyped = onTyped;
        setId(id);
        setPrefColumnCount(6);
        if (!usual.isEmpty()) setPromptText(Lengths.field(usualMm));
        setOnAction(_ -> typed());
    }

    /** Keeps what is typed with the part that is picked then. */
    public MmField keptWithThePart(JobModel model) {
        keeper = Optional.of(model);
        return this;
    }

    /** As it is kept with the part that is picked now; to be called whenever that may be another one. */
    public void showKept() {
        keeper.ifPresent(model -> {
            var part = model.picked().map(Part::id);
            var isAnother = !part.equals(shownFor); // what was typed for one part is not the next one's, focus or not
            shownFor = part;
            if (isAnother || !isFocused() || getText().isEmpty()) setText(kept(model));
        });
    }

    private String kept(JobModel model) {
        return model.picked()
                .flatMap(part -> model.job().patterns().known().figure(part.id(), getId()))
                .orElse("");
    }

    private void typed() {
        keeper.ifPresent(model -> model.picked().ifPresent(part -> {
            var text = Length.parse(getText()) instanceof Understood<Length>(var length)
                    ? Lengths.field(length.mm())
                    : getText().strip();
            var isKept = text.isEmpty() || mm().isPresent();
            if (isKept && !text.equals(kept(model)))
                model.make(new AtPattern(new FigureSaid(part.id(), getId(), text)));
        }));
        onTyped.run();
    }

    /** Whether nothing was typed, so that what is usual is a guess. */
    public boolean isGuess() {
        return getText().isBlank() && !Double.isNaN(usualMm);
    }

    /** In mm, of what is usual where nothing was typed; empty where it is no length. */
    public Optional<Double> mm() {
        if (isGuess()) return Optional.of(usualMm);
        return Length.parse(getText()) instanceof Understood<Length>(var length)
                ? Optional.of(length.mm())
                : Optional.empty();
    }

    /** What to say where it is no length. */
    public String wrong() {
        return getText().isBlank()
                ? "Type how long it is, as 40 mm."
                : "“%s” is no length. Type it as 40 mm.".formatted(getText());
    }

    /** “Usual figures that nobody has confirmed: board thick 6 mm.”; empty where none of them is a guess. */
    public static String guesses(Collection<MmField> fields) {
        var guessed = fields.stream()
                .filter(MmField::isGuess)
                .map(field -> field.getId().replace('-', ' ') + " " + Lengths.said(field.usualMm))
                .collect(Collectors.joining(", "));
        return guessed.isEmpty() ? "" : "Usual figures that nobody has confirmed: " + guessed + ".";
    }
}
