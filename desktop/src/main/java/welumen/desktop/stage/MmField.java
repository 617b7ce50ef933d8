package welumen.desktop.stage;

import java.util.Optional;
import javafx.scene.control.TextField;
import welumen.measure.Length;
import welumen.measure.Parsed.Understood;

/** A length as the trimmer types it, of a usual one to begin with. */
public final class MmField extends TextField {
    /** @param onTyped called on Enter */
    @SuppressWarnings("this-escape") // JavaFX builds a control by its own methods; no subclass overrides them
    public MmField(String id, String usual, Runnable onTyped) {
        super(usual);
        setId(id);
        setPrefColumnCount(6);
        setOnAction(_ -> onTyped.run());
    }

    /** In mm; empty where it is no length. */
    public Optional<Double> mm() {
        return Length.parse(getText()) instanceof Understood<Length>(var length) && length.mm() >= 0
                ? Optional.of(length.mm())
                : Optional.empty();
    }

    /** What to say where it is no length. */
    public String wrong() {
        return "“%s” is no length. Type it as 40 mm.".formatted(getText());
    }
}
