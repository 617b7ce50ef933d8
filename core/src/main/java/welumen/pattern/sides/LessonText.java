package welumen.pattern.sides;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Lesson;
import welumen.pattern.piece.Piece;

/** How what the first side taught is typed: {@code rear edge 6 longer, took 95 min, glue the sill before the tunnel}. */
public final class LessonText {
    private static final Pattern EDGE =
            Pattern.compile("(?:the\\s+)?(?<edge>.+?)\\s+(?<mm>\\d[^a-z]*(?:mm|in)?)\\s+(?<way>longer|shorter|out|in)");
    private static final Pattern TOOK = Pattern.compile("took\\s+(?<n>\\d{1,4}(?:\\.\\d+)?)\\s*(?<unit>min|h)\\w*");
    private static final int HOUR = 60;
    private static final List<String> ORDINALS = List.of("first", "second", "third", "fourth", "fifth");

    private LessonText() {}

    public static Parsed<Lesson> read(String typed, Piece piece) {
        var corrections = new ArrayList<Lesson.Correction>();
        var orders = new ArrayList<String>();
        var minutes = 0.0;
        for (var part : typed.strip().split("\\s*[,;]\\s*")) {
            var words = part.toLowerCase(Locale.ROOT);
            var edge = EDGE.matcher(words);
            var took = TOOK.matcher(words);
            if (took.matches())
                minutes = Double.parseDouble(took.group("n"))
                        * (took.group("unit").equals("h") ? HOUR : 1);
            else if (edge.matches()) {
                switch (correction(piece, edge.group("edge"), edge.group("mm"), edge.group("way"))) {
                    case Refused<Lesson.Correction>(var why) -> {
                        return new Refused<>(why);
                    }
                    case Understood<Lesson.Correction>(var read) -> corrections.add(read);
                }
            } else if (!part.isBlank()) orders.add(part);
        }
        if (corrections.isEmpty() && orders.isEmpty() && minutes == 0)
            return new Refused<>(
                    "What would you do otherwise? Type it as %s 6 longer, took 95 min, glue the sill first."
                            .formatted(piece.edgeWord(0)));
        return new Understood<>(new Lesson(piece.id(), corrections, String.join(", ", orders), minutes, List.of()));
    }

    private static Parsed<Lesson.Correction> correction(Piece piece, String edge, String mm, String way) {
        var which = edges(piece, edge);
        if (which.size() > 1)
            return new Refused<>(
                    "The %s has %d edges called “%s”: say the first, the second and so on, from its first corner."
                            .formatted(piece.name(), which.size(), edge));
        if (which.isEmpty())
            return new Refused<>("No edge of the %s is called “%s”; it has %s."
                    .formatted(
                            piece.name(),
                            edge,
                            String.join(
                                    ", ",
                                    IntStream.range(0, piece.edges().size())
                                            .mapToObj(piece::edgeWord)
                                            .toList())));
        var sign = way.equals("longer") || way.equals("out") ? 1 : -1;
        return Length.parse(mm).map(length -> Lesson.Correction.of(piece, which.getFirst(), sign * length.mm()));
    }

    /** Those that the words mean: of the very name, else those whose names begin so; “second sill” is one of several. */
    private static List<Integer> edges(Piece piece, String words) {
        var ordinal = ORDINALS.indexOf(words.split(" ")[0]);
        if (ordinal >= 0) {
            var alike = called(piece, words.substring(words.indexOf(' ') + 1));
            if (ordinal < alike.size()) return List.of(alike.get(ordinal));
        }
        return called(piece, words);
    }

    private static List<Integer> called(Piece piece, String name) {
        var exactly = which(piece, word -> word.equals(name));
        return exactly.isEmpty() ? which(piece, word -> word.startsWith(name)) : exactly;
    }

    private static List<Integer> which(Piece piece, Predicate<String> isMeant) {
        return IntStream.range(0, piece.edges().size())
                .filter(i -> isMeant.test(piece.edgeWord(i).toLowerCase(Locale.ROOT)))
                .boxed()
                .toList();
    }
}
