package welumen.files.pattern;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.shape.Point;

/** What is kept of an edge beside its line, as words with values. */
final class EdgeWords {
    private EdgeWords() {}

    static Map<String, String> of(Edge edge) {
        var words = new LinkedHashMap<String, String>();
        words.put("edge", edge.name());
        words.put("finish", edge.finish().name());
        words.put("allowance", Double.toString(edge.allowanceMm()));
        if (edge.leftLongMm() > 0) words.put("long", Double.toString(edge.leftLongMm()));
        return words;
    }

    /** An edge whose words are missing or make no sense is raw, and said to be that. */
    static Edge edge(Map<String, String> words, List<Point> line) {
        var finish = Optional.ofNullable(words.get("finish"))
                .flatMap(EdgeWords::finish)
                .orElse(EdgeFinish.RAW);
        var allowance = Optional.ofNullable(words.get("allowance"))
                .flatMap(EdgeWords::number)
                .filter(mm -> mm >= 0 && mm <= Edge.LARGEST_ALLOWANCE)
                .orElse(finish.allowanceMm());
        var leftLong = Optional.ofNullable(words.get("long"))
                .flatMap(EdgeWords::number)
                .filter(mm -> mm >= 0 && mm <= Edge.LARGEST_ALLOWANCE)
                .orElse(0.0);
        return new Edge(words.getOrDefault("edge", ""), line, finish, allowance, leftLong);
    }

    private static Optional<EdgeFinish> finish(String name) {
        for (var finish : EdgeFinish.values()) if (finish.name().equals(name)) return Optional.of(finish);
        return Optional.empty();
    }

    private static Optional<Double> number(String text) {
        try {
            return Optional.of(Double.valueOf(text)).filter(Double::isFinite);
        } catch (NumberFormatException none) {
            return Optional.empty();
        }
    }
}
