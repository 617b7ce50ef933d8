package welumen.pattern.outside;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import welumen.cabin.PartId;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Point;

/**
 * The one gate for pieces that a file brings: what is only untidy is made sound, what would not be a piece of this car is
 * refused, before anything of it is written. A log that has taken something in cannot be rid of it.
 */
public final class FromOutside {
    private static final Pattern UNSEEN = Pattern.compile("[\\p{Cntrl}\\p{Cf}\\p{Co}\\p{Cn}\\p{Cs}]+");
    private static final int LONGEST_NAME = 60;
    private static final int MOST_POINTS = 20_000;
    private static final double SAME_MM = 1e-3;

    private FromOutside() {}

    /**
     * Sound pieces, each under a name of its own.
     *
     * @param hasPart whether the car has a part
     * @param usual the part that a piece of none is for
     */
    public static Parsed<List<Piece>> sound(List<Piece> read, Predicate<PartId> hasPart, PartId usual) {
        var sound = new ArrayList<Piece>();
        var names = new HashSet<String>();
        for (var piece : read) {
            var part = hasPart.test(piece.part()) ? piece.part() : usual;
            var name = words(piece.name());
            if (name.isEmpty()) name = "piece " + (sound.size() + 1);
            var own = name;
            var isKnown = piece.id().equals(Piece.idOf(piece.part(), piece.name())) || !isId(piece.id());
            for (var number = 2; !names.add(id(piece, isKnown, part, own)); number++)
                own = "%s (%d)".formatted(name, number);
            switch (sound(piece, id(piece, isKnown && own.equals(name), part, own), part, own)) {
                case Refused<Piece>(var why) -> {
                    return new Refused<>(why);
                }
                case Understood<Piece>(var one) -> sound.add(one);
            }
        }
        return new Understood<>(List.copyOf(sound));
    }

    /** A name that was given is kept, so that a piece which comes back is the one that went out. */
    private static String id(Piece piece, boolean isByName, PartId part, String name) {
        return isByName || !name.equals(words(piece.name())) ? Piece.idOf(part, name) : piece.id();
    }

    private static boolean isId(String id) {
        return id.matches("[a-z0-9-]{1,160}");
    }

    private static Parsed<Piece> sound(Piece piece, String id, PartId part, String name) {
        var edges = edges(piece.edges());
        var points = edges.stream().mapToInt(edge -> edge.line().size()).sum();
        if (points < 3 || points > MOST_POINTS)
            return new Refused<>("The piece “%s” has %d places along its line that differ; a piece has 3 to %d."
                    .formatted(name, points, MOST_POINTS));
        try {
            return SoundOutline.of(new Piece(
                    id,
                    part,
                    name,
                    Optional.of(words(piece.material()))
                            .filter(words -> !words.isEmpty())
                            .orElse("material not noted"),
                    piece.pairing(),
                    piece.grade(),
                    piece.grain(),
                    piece.face(),
                    piece.under(),
                    edges,
                    inside(piece.inside())));
        } catch (IllegalArgumentException fault) {
            return new Refused<>("The piece “%s” cannot be drawn: %s".formatted(name, fault.getMessage()));
        }
    }

    /** Without places that repeat the one before; an edge of which nothing is left is none. */
    private static List<Edge> edges(List<Edge> edges) {
        var all = edges.stream().flatMap(edge -> edge.line().stream()).toList();
        var sound = new ArrayList<Edge>();
        var before = all.isEmpty() ? new Point(0, 0) : all.getLast();
        for (var edge : edges) {
            var line = new ArrayList<Point>();
            for (var point : edge.line()) {
                if (all.size() > 1 && point.to(before) < SAME_MM) continue;
                line.add(point);
                before = point;
            }
            if (!line.isEmpty()) sound.add(edge.along(line).named(words(edge.name())));
        }
        return sound;
    }

    private static Inside inside(Inside inside) {
        return new Inside(
                inside.holes(),
                inside.piercings().stream()
                        .map(one -> new Piercing(
                                words(one.what()), one.kind(), one.at(), one.sizeMm(), one.degrees(), one.made()))
                        .toList(),
                inside.keepOuts().stream()
                        .map(one -> new KeepOut(words(one.what()), one.room()))
                        .toList(),
                inside.surface());
    }

    /** As they can be shown, printed and searched for. */
    static String words(String text) {
        var seen = UNSEEN.matcher(text).replaceAll(" ").strip().replaceAll("\\s+", " ");
        return seen.length() <= LONGEST_NAME
                ? seen
                : seen.substring(0, LONGEST_NAME).strip();
    }
}
