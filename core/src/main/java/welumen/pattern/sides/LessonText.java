package welumen.pattern.sides;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Lesson;
import welumen.pattern.Piece;

/** How what the first side taught is typed: {@code rear edge 6 longer, took 95 min, glue the sill before the tunnel}. */
public final class LessonText {
    private static final Pattern EDGE =
            Pattern.compile("(?:the\\s+)?(?<edge>.+?)\\s+(?<mm>\\d[^a-z]*(?:mm|in)?)\\s+(?<way>longer|shorter|out|in)");
    private static final Pattern TOOK = Pattern.compile("took\\s+(?<n>\\d{1,4}(?:\\.\\d+)?)\\s*(?<unit>min|h)\\w*");
    private static final int HOUR = 60;

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
        var index = edge(piece, edge);
        if (index.isEmpty())
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
        return Length.parse(mm).map(length -> new Lesson.Correction(index.getAsInt(), sign * length.mm()));
    }

    private static OptionalInt edge(Piece piece, String word) {
        return IntStream.range(0, piece.edges().size())
                .filter(i -> piece.edgeWord(i).toLowerCase(Locale.ROOT).startsWith(word))
                .findFirst();
    }
}
