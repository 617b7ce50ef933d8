package welumen.finish.load;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import welumen.measure.DayText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * A piece as it is typed: “vent ring, 0.12 m2, dark, at the plater’s until Wed, hidden, turned, airbag, 2 wait, the electrician waits”. What is not said is as of the
 * piece before.
 *
 * @param id of the new one
 * @param squareMetres of the piece before
 * @param colour of the piece before
 */
public record PieceText(String id, double squareMetres, String colour, LocalDateTime now) {
    private static final int NOON = 12;
    private static final Pattern AREA =
            Pattern.compile("(\\d+(?:\\.\\d+)?) ?(m2|m²|cm2|cm²)", Pattern.CASE_INSENSITIVE);
    private static final Pattern WAITS = Pattern.compile("(\\d{1,2}) waits?", Pattern.CASE_INSENSITIVE);
    private static final Pattern WHO = Pattern.compile("(.+) waits?", Pattern.CASE_INSENSITIVE);
    private static final Pattern UNTIL = Pattern.compile("(.*)\\buntil (.+)", Pattern.CASE_INSENSITIVE);

    public Parsed<HardPiece> read(String text) {
        var parts = text.strip().split(" *, *");
        var name = parts[0].strip();
        if (name.isEmpty()) return new Refused<>("Say what the piece is: vent ring, 0.12 m2, dark.");
        var area = squareMetres;
        var paint = colour;
        var here = now;
        var waits = 0;
        var isHidden = false;
        var held = "";
        var isTurned = false;
        var where = "";
        var who = "";
        for (var i = 1; i < parts.length; i++) {
            var said = parts[i].strip();
            var sized = AREA.matcher(said);
            var waited = WAITS.matcher(said);
            var waiting = WHO.matcher(said);
            var until = UNTIL.matcher(said);
            if (said.isEmpty()) continue;
            if (sized.matches())
                area = Double.parseDouble(sized.group(1))
                        / (sized.group(2).toLowerCase(Locale.ROOT).startsWith("c") ? 1e4 : 1);
            else if (waited.matches()) waits = Integer.parseInt(waited.group(1));
            else if (waiting.matches()) {
                who = waiting.group(1).strip();
                waits = Math.max(1, waits);
            } else if (until.matches()) {
                var day = day(until.group(2));
                if (day.isEmpty())
                    return new Refused<>(
                            "“%s” is no day. Type it as until Wed, or until 22 Apr.".formatted(until.group(2)));
                here = day.get().atTime(NOON, 0);
                where = until.group(1).strip();
            } else if (said.equalsIgnoreCase("hidden")) isHidden = true;
            else if (said.equalsIgnoreCase("turned")) isTurned = true;
            else if (said.equalsIgnoreCase("airbag")
                    || said.toLowerCase(Locale.ROOT).startsWith("held"))
                held = said.toLowerCase(Locale.ROOT).startsWith("held ")
                        ? said.substring(5).strip()
                        : said;
            else paint = said;
        }
        if (paint.isEmpty()) return new Refused<>("Say its colour too: vent ring, 0.12 m2, dark.");
        try {
            return new Understood<>(
                    new HardPiece(id, name, area, here, waits, paint, isHidden, held, isTurned, where, who));
        } catch (IllegalArgumentException none) {
            return new Refused<>(String.valueOf(none.getMessage()));
        }
    }

    private Optional<LocalDate> day(String said) {
        return DayText.read(said, now.toLocalDate());
    }
}
