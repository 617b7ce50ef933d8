package welumen.desktop.finish;

import java.math.BigDecimal;
import javafx.scene.control.TextField;
import welumen.measure.NumberText;

/** A number as it is typed into a field. */
final class Typed {
    private Typed() {}

    /** @throws IllegalArgumentException with a sentence, if it is none */
    static double number(TextField field) {
        return NumberText.read(field.getText().strip(), "")
                .map(BigDecimal::doubleValue)
                .orThrow();
    }

    /** As it stands in a field: to a hundredth. */
    static String text(double number) {
        return NumberText.print(BigDecimal.valueOf(Math.round(100 * number) / 100.0));
    }
}
