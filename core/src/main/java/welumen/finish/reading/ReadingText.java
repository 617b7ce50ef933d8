package welumen.finish.reading;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.colour.Lab;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * A colour as it is typed: “evidence under the piping 52.1 -8.4 10.9, gloss 31”. Its first word says of what it is, else it is of the
 * picked part; “by eye” or “from a photo” at its
 * end says that it is rough.
 *
 * @param id of the new one
 * @param picked the part that is picked
 */
public record ReadingText(String id, Optional<PartId> picked, LocalDate today) {
    private static final String NUMBER = "([-−]?\\d+(?:\\.\\d+)?)";
    private static final Pattern LAB = Pattern.compile("(?:\\bL\\*?\\s*)?" + NUMBER + "[,;]?\\s+(?:a\\*?\\s*)?" + NUMBER
            + "[,;]?\\s+(?:b\\*?\\s*)?" + NUMBER + "$");
    private static final Pattern HOW =
            Pattern.compile("[,;]?\\s*\\b(?:by|from a) (eye|photo)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern GLOSS = Pattern.compile("\\bgloss\\s*(\\d+(?:\\.\\d+)?)", Pattern.CASE_INSENSITIVE);

    public Parsed<Reading> read(String typed) {
        var how = how(typed);
        var text = HOW.matcher(typed).replaceAll("");
        var gloss = GLOSS.matcher(text);
        var units = gloss.find() ? Double.parseDouble(gloss.group(1)) : Reading.NO_GLOSS;
        var rest = GLOSS.matcher(text).replaceAll("").strip().replaceAll("[,;]\\s*$", "");
        var lab = LAB.matcher(rest);
        if (!lab.find())
            return new Refused<>("Type L*, a* and b*: evidence under the piping 52.1 -8.4 10.9, gloss 31.");
        var words = rest.substring(0, lab.start()).strip().replaceAll("[,;:]\\s*$", "");
        var first = words.split("\\s+", 2);
        var named = Stream.of(Reading.Of.values())
                .filter(of -> of.word().equals(first[0].toLowerCase(Locale.ROOT)))
                .findFirst();
        var what =
                named.isPresent() ? (first.length > 1 ? first[1] : named.get().word()) : words;
        if (what.isBlank() && picked.isEmpty())
            return new Refused<>(
                    "Say on what it was read, or pick the part: evidence under the piping 52.1 -8.4 10.9.");
        try {
            return new Understood<>(new Reading(
                    id,
                    named.orElse(Reading.Of.PART),
                    what.isBlank()
                            ? picked.map(part -> part.value().replace('-', ' ')).orElse("")
                            : what,
                    named.isEmpty() || named.get() == Reading.Of.PART
                            ? picked.stream().toList()
                            : List.of(),
                    new Lab(number(lab.group(1)), number(lab.group(2)), number(lab.group(3))),
                    List.of(),
                    how,
                    units,
                    today));
        } catch (IllegalArgumentException none) {
            return new Refused<>(String.valueOf(none.getMessage()));
        }
    }

    /** By a card and one’s eye, or from a photo under a grey card, it is rough, and says so. */
    private static Reading.How how(String typed) {
        var said = HOW.matcher(typed);
        if (!said.find()) return Reading.How.TYPED;
        return said.group(1).equalsIgnoreCase("eye") ? Reading.How.CARD : Reading.How.PHOTO;
    }

    private static double number(String typed) {
        return Double.parseDouble(typed.replace('−', '-'));
    }
}
