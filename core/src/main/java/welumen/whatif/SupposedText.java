package welumen.whatif;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.PartNames;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.measure.DayText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.survey.FindingKind;

/**
 * Reads what may come about: “rust hole 40 mm under the right rear floor”, “console comes 11 May”, “Ada away Thu”, “Ada away 4 May
 * to 8 May”.
 *
 * @param tasks that are open
 * @param people who work here
 */
public record SupposedText(Cabin cabin, List<Task> tasks, List<String> people, LocalDate today) {
    private static final double USUAL_MM = 40;

    private static final Pattern SIZE =
            Pattern.compile("(?<![\\w.])(\\d{1,4}(?:\\.\\d)?) ?mm\\b", Pattern.CASE_INSENSITIVE);

    /** Words that stand between a find and its place. */
    private static final String BETWEEN = "\\b(under|beneath|behind|in|on|the|a|an|of|is|found|mended|there)\\b|[,;.]";

    /** How else a find is called. */
    private static final Map<String, FindingKind> ALSO = Map.of(
            "rust hole", FindingKind.RUST_THROUGH,
            "rusted through", FindingKind.RUST_THROUGH,
            "rot", FindingKind.RUST_THROUGH,
            "damp", FindingKind.DAMP,
            "wire", FindingKind.WIRING_FAULT);

    public Parsed<Supposed> read(String text) {
        var line = text.strip();
        if (line.isEmpty()) return new Refused<>("Say what may come: rust hole under the right rear floor.");
        var who = people.stream()
                .filter(person -> line.toLowerCase(Locale.ROOT).startsWith(person.toLowerCase(Locale.ROOT) + " "))
                .max(Comparator.comparingInt(String::length));
        if (who.isPresent())
            return gone(who.get(), line.substring(who.get().length()).strip());
        var kind = kind(line);
        return kind.isPresent() ? found(line, kind.get()) : comes(line);
    }

    private Parsed<Supposed> gone(String person, String rest) {
        var days = rest.replaceFirst("(?i)^(is )?(away|off|ill|gone)\\b", "").strip();
        var both = days.split(" (to|until|-) ", 2);
        var first = DayText.read(both[0], today);
        var last = both.length > 1 ? DayText.read(both[1], first.orElse(today)) : first;
        if (first.isEmpty() || last.isEmpty())
            return new Refused<>(
                    "“%s” is no day. Type “%s away Thu”, or “away 4 May to 8 May”.".formatted(days, person));
        if (last.get().isBefore(first.get())) return new Refused<>("Put the later day second.");
        return new Understood<>(new Supposed.Gone(person, first.get(), last.get()));
    }

    /** A word of a find, and the kind that it means. */
    private record Called(String word, FindingKind kind) {}

    /** The longest that stands in the line. */
    private static Optional<Called> kind(String line) {
        var text = line.toLowerCase(Locale.ROOT);
        var own = Arrays.stream(FindingKind.values()).map(kind -> new Called(kind.word(), kind));
        var also = ALSO.entrySet().stream().map(entry -> new Called(entry.getKey(), entry.getValue()));
        return Stream.concat(own, also)
                .filter(called -> Pattern.compile("\\b" + Pattern.quote(called.word()) + "\\b")
                        .matcher(text)
                        .find())
                .max(Comparator.comparingInt(called -> called.word().length()));
    }

    private Parsed<Supposed> found(String line, Called called) {
        var text = line.toLowerCase(Locale.ROOT).replaceFirst(Pattern.quote(called.word()), " ");
        var size = SIZE.matcher(text);
        var mm = size.find() ? Double.parseDouble(size.group(1)) : USUAL_MM;
        if (mm == 0) return new Refused<>("A find of 0 mm is none. Leave its size out where it is not known.");
        var rest = SIZE.matcher(text).replaceAll(" ");
        var day = DayText.end(rest, today);
        var place = day.map(DayText.Ended::before)
                .orElse(rest)
                .replaceAll(BETWEEN, " ")
                .replaceAll("\\s+", " ")
                .strip();
        if (place.isEmpty()) return new Refused<>("Say where: %s under the right rear floor.".formatted(called.word()));
        return PartNames.findOne(cabin, place)
                .<Parsed<Supposed>>map(part ->
                        new Understood<>(new Supposed.Found(part, called.kind(), mm, day.map(DayText.Ended::day))))
                .orElseGet(() -> new Refused<>(
                        "The car has no part “%s”, or more than one. Type a part's name.".formatted(place)));
    }

    private Parsed<Supposed> comes(String line) {
        var day = DayText.end(line, today);
        if (day.isEmpty())
            return new Refused<>(
                    "Say what is found and where, or what comes on which day: “console comes 11 May”, or who is away.");
        var what = day.get()
                .before()
                .replaceFirst("(?i)\\b(comes|is here|is back|arrives|come|slips to)$", "")
                .strip();
        var awaited = tasks.stream().filter(SupposedText::isAwaited).toList();
        var meant = awaited.stream().filter(task -> isMeant(task, what)).toList();
        if (meant.isEmpty())
            return new Refused<>(
                    awaited.isEmpty()
                            ? "Nothing is awaited on this car."
                            : "Nothing that is awaited is called “%s”. Awaited are %s.".formatted(what, some(awaited)));
        var one = meant.getFirst();
        return new Understood<>(
                new Supposed.Comes(one.id(), one.what(), day.get().day()));
    }

    /** Whether it comes from elsewhere, on a day that can be promised. */
    public static boolean isAwaited(Task task) {
        return task.kind() == TaskKind.AWAIT || task.kind() == TaskKind.ORDER || task.kind() == TaskKind.SEND_OUT;
    }

    private boolean isMeant(Task task, String what) {
        var words = what.toLowerCase(Locale.ROOT)
                .replaceAll("\\bthe\\b|,", " ")
                .strip()
                .split("\\s+");
        var text = task.what().toLowerCase(Locale.ROOT);
        return !what.isBlank() && Arrays.stream(words).allMatch(text::contains);
    }

    private static String some(List<Task> tasks) {
        return String.join("; ", tasks.stream().map(Task::what).limit(3).toList());
    }
}
