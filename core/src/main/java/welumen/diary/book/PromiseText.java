package welumen.diary.book;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import welumen.measure.DayText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * What is said of something that is awaited: the day, who gave it, and what is done if it does not come, “11 May, the plater, else
 * buy it used”. Each may be left out.
 *
 * @param day empty where none was given
 * @param by whom one asks; may be empty
 * @param otherwise what is done if it does not come; may be empty
 */
public record PromiseText(Optional<LocalDate> day, String by, String otherwise) {
    private static final String ELSE = "else ";

    public static Parsed<PromiseText> read(String text, LocalDate today) {
        Optional<LocalDate> day = Optional.empty();
        var by = "";
        var otherwise = "";
        for (var typed : text.split("[,;]")) {
            var part = typed.strip();
            if (part.isEmpty()) continue;
            var said = DayText.read(part, today);
            if (part.toLowerCase(Locale.ROOT).startsWith(ELSE))
                otherwise = part.substring(ELSE.length()).strip();
            else if (said.isPresent() && day.isEmpty()) day = said;
            else if (by.isEmpty() && !part.chars().anyMatch(Character::isDigit)) by = part;
            else return new Refused<>("“%s” is no day. Type it as 11 May, Thu, or in 8 days.".formatted(part));
        }
        if (day.isEmpty() && by.isEmpty() && otherwise.isEmpty())
            return new Refused<>(
                    "Type a day, who gave it, and what you do else: 11 May, the plater, else buy it used.");
        return new Understood<>(new PromiseText(day, by, otherwise));
    }
}
