package welumen.files.pattern;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.files.json.BadFile;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.Face;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;

/** What is kept of a piece beside its lines, as words with values. */
final class PieceWords {
    private PieceWords() {}

    static Map<String, String> of(Piece piece) {
        var words = new LinkedHashMap<String, String>();
        words.put("id", piece.id());
        words.put("part", piece.part().value());
        words.put("name", piece.name());
        words.put("material", piece.material());
        words.put("pairing", piece.pairing().name());
        words.put("grade", Integer.toString(piece.grade()));
        words.put("under", piece.under().name());
        words.put("face", piece.face().name());
        if (piece.grain() instanceof Grain.StretchAlong(var degrees)) words.put("stretch", Double.toString(degrees));
        if (piece.grain() instanceof Grain.NapToward(var degrees)) words.put("nap", Double.toString(degrees));
        words.putAll(InsideWords.of(piece.inside().surface()));
        return words;
    }

    /**
     * @param usual what a file without Welumen's words is taken for: the part, and a name
     * @throws BadFile if the lines are no piece
     */
    static Piece piece(Map<String, String> words, Usual usual, List<Edge> edges, Inside inside) throws BadFile {
        var name = words.getOrDefault("name", usual.name());
        try {
            return new Piece(
                    words.getOrDefault("id", Piece.idOf(usual.part(), name)),
                    words.containsKey("part") ? new PartId(words.get("part")) : usual.part(),
                    name,
                    words.getOrDefault("material", "material not noted"),
                    InsideWords.named(Pairing.values(), words.get("pairing")).orElse(Pairing.ONE),
                    grade(words.get("grade")),
                    grain(words),
                    InsideWords.named(Face.values(), words.get("face")).orElse(Face.UP),
                    InsideWords.named(Under.values(), words.get("under")).orElse(Under.NOTHING),
                    edges,
                    inside.with(InsideWords.surface(words)));
        } catch (IllegalArgumentException wrong) {
            throw new BadFile("The piece “%s” cannot be drawn: %s".formatted(name, wrong.getMessage()));
        }
    }

    /** What is taken where a file does not say. */
    record Usual(PartId part, String name) {}

    private static int grade(@Nullable String text) {
        return text != null && text.matches("[1-4]") ? Integer.parseInt(text) : 2;
    }

    private static Grain grain(Map<String, String> words) {
        return InsideWords.number(words.get("nap"))
                .<Grain>map(Grain.NapToward::new)
                .or(() -> InsideWords.number(words.get("stretch")).map(Grain.StretchAlong::new))
                .orElseGet(Grain.AnyWay::new);
    }
}
