package welumen.desktop.yard;

import javafx.scene.control.TextField;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Understood;

/** Reads counts, shares and sizes from the fields of the yard, and says plainly what cannot be read. */
final class CountFields {
    private CountFields() {}

    /** @throws IllegalArgumentException if it is no whole number; empty is {@code none} */
    static int of(TextField field, int none) {
        var typed = field.getText().strip();
        if (typed.isEmpty()) return none;
        try {
            return Integer.parseInt(typed);
        } catch (NumberFormatException noNumber) {
            throw new IllegalArgumentException("“%s” is no count. Type it as 3.".formatted(typed));
        }
    }

    /** In mm; nought where nothing is typed. */
    static double mm(TextField field) {
        var typed = field.getText().strip();
        if (typed.isEmpty()) return 0;
        if (Length.parse(typed) instanceof Understood<Length>(var length)) return length.mm();
        throw new IllegalArgumentException("“%s” is no length. Type it as 1.2 mm.".formatted(typed));
    }

    static String text(double number) {
        if (number == 0) return "";
        return number == Math.rint(number) ? "%.0f".formatted(number) : String.valueOf(number);
    }

    /** Of a length in mm, so that it reads back as this very length; empty where it is nought. */
    static String lengthText(double mm) {
        return mm == 0 ? "" : Lengths.field(mm);
    }

    static TextField field(String id, int columns, Runnable onEnter) {
        var field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        field.setOnAction(_ -> onEnter.run());
        return field;
    }
}
