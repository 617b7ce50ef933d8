package welumen.desktop.finish;

import java.time.Duration;
import java.util.Locale;
import javafx.scene.Node;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.finish.coat.CoatStep;

/** A step of a coat that is only planned: what, with which paper, how much of it, how long it waits, and until when the next one holds. */
final class StepRow {
    private StepRow() {}

    /** @param squareMetres that it is laid on */
    static Node of(CoatStep step, double squareMetres) {
        var words = Words.capital(step.what())
                + grit(step)
                + grams(step, squareMetres)
                + (step.waits().isZero() ? "" : "; then " + waits(step.waits()))
                + (step.until().isZero() ? "" : ", the next within " + waits(step.until()));
        return Nodes.label(words, step.isStop() ? Styles.STRONG : Styles.SECOND);
    }

    static String grit(CoatStep step) {
        return step.grit() > 0 ? ", %d grit".formatted(step.grit()) : "";
    }

    static String grams(CoatStep step, double squareMetres) {
        return step.grams() > 0 ? String.format(Locale.UK, ", about %.0f g", step.grams() * squareMetres) : "";
    }

    static String waits(Duration time) {
        return time.toMinutes() < 120
                ? time.toMinutes() + " min"
                : String.format(Locale.UK, "%.0f h", time.toMinutes() / 60.0);
    }
}
