package welumen.cut.leather;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import welumen.measure.Because;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** A strip test as one line: {@code damp, marks 200, along 196.5, across 197, rested 12 h, tools darker, finished the same}. */
public final class StripTestText {
    private static final Pattern HOURS = Pattern.compile("(\\d{1,3}(?:\\.\\d)?)\\s*h(?:ours?)?");
    private static final double USUAL_MARKS_MM = 200;
    private static final double USUAL_REST_HOURS = 12;

    public static final String EXAMPLE =
            "Type it as damp, marks 200, along 196.5, across 197, rested 12 h, tools darker, finished the same.";

    private Optional<Working> working = Optional.empty();
    private double marked = USUAL_MARKS_MM;
    private double along;
    private double across;
    private double hours = USUAL_REST_HOURS;
    private Shade tools = Shade.SAME;
    private Shade finished = Shade.SAME;
    private Optional<String> wrong = Optional.empty();

    private StripTestText() {}

    public static Parsed<LeatherTest> read(String typed, String material, String lot) {
        if (material.isBlank())
            return new Refused<>(
                    "Of which leather was the strip? Bring its hide in first, or choose it beside the line.");
        var text = new StripTestText();
        for (var part : typed.strip().split("\\s*,\\s*")) if (text.wrong.isEmpty()) text.part(part);
        return text.wrong.<Parsed<LeatherTest>>map(Refused::new).orElseGet(() -> text.test(material, lot));
    }

    private void part(String part) {
        var words = part.split("\\s+", 2);
        var rest = words.length < 2 ? "" : words[1].strip();
        switch (words[0].toLowerCase(Locale.ROOT)) {
            case "marks" -> marked = mm(rest);
            case "along" -> along = mm(rest);
            case "across" -> across = mm(rest);
            case "rested" -> hours = hours(rest);
            case "tools" -> tools = shade(rest);
            case "finished" -> finished = shade(rest);
            default -> {
                working = Stream.of(Working.values())
                        .filter(one -> one.word().equalsIgnoreCase(part))
                        .findFirst();
                if (working.isEmpty()) refuse("“%s” says nothing about a strip.".formatted(part));
            }
        }
    }

    private double mm(String typed) {
        if (Length.parse(typed) instanceof Understood<Length>(var length)) return length.mm();
        refuse("“%s” is no length.".formatted(typed));
        return 0;
    }

    private double hours(String typed) {
        var read = HOURS.matcher(typed);
        if (read.matches()) return Double.parseDouble(read.group(1));
        refuse("“%s” is no time of rest.".formatted(typed));
        return 0;
    }

    private Shade shade(String typed) {
        for (var shade : Shade.values()) if (shade.word().equalsIgnoreCase(typed)) return shade;
        refuse("“%s” is none of the same, darker, lighter.".formatted(typed));
        return Shade.SAME;
    }

    private void refuse(String why) {
        wrong = Optional.of(why + " " + EXAMPLE);
    }

    private Parsed<LeatherTest> test(String material, String lot) {
        if (working.isEmpty()) return new Refused<>("How was the strip worked: damp, steamed or warmed? " + EXAMPLE);
        if (along <= 0 || across <= 0)
            return new Refused<>("How far apart are the marks now, along and across? " + EXAMPLE);
        try {
            return new Understood<>(
                    new LeatherTest(material, lot, working.get(), marked, along, across, hours, tools, finished));
        } catch (IllegalArgumentException fault) {
            return new Refused<>(Because.of(fault));
        }
    }
}
