package welumen.pattern.sides;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.Side;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Lesson;
import welumen.pattern.Patterns;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

/** The second side comes out better than the first, if what the first taught is taken over through the mirror. */
public final class SecondSide {
    private SecondSide() {}

    /**
     * A lesson that a piece has not been corrected by.
     *
     * @param lesson which one, from 0
     * @param isFirst whether it is the piece on which it was learnt
     */
    public record Offer(int lesson, Piece piece, boolean isFirst) {}

    /** The fellow of the piece first, then the piece itself; nothing where a lesson only says how long it took. */
    public static List<Offer> offers(Patterns patterns, Cabin cabin) {
        var offers = new ArrayList<Offer>();
        var lessons = patterns.known().lessons();
        for (var i = 0; i < lessons.size(); i++) {
            var number = i;
            var lesson = lessons.get(i);
            if (lesson.corrections().isEmpty() && lesson.order().isBlank()) continue;
            patterns.findOne(lesson.piece()).ifPresent(first -> {
                Fellows.of(first, patterns, cabin)
                        .filter(fellow -> !lesson.takenBy().contains(fellow.id()))
                        .ifPresent(fellow -> offers.add(new Offer(number, fellow, false)));
                if (!lesson.takenBy().contains(first.id())) offers.add(new Offer(number, first, true));
            });
        }
        return List.copyOf(offers);
    }

    /** A piece as the lesson wants it; refused where an edge of it is not to be found, or cannot be moved. */
    public static Parsed<Piece> corrected(Piece learntOn, Lesson lesson, Piece piece) {
        Parsed<Piece> corrected = new Understood<>(piece);
        for (var correction : lesson.corrections()) {
            var edge =
                    piece.id().equals(learntOn.id()) ? own(correction, piece) : mirrored(learntOn, correction, piece);
            if (edge < 0)
                return new Refused<>("The %s has no edge like %s of the %s; it was drawn otherwise since."
                        .formatted(piece.name(), learntOn.edgeWord(correction.edge()), learntOn.name()));
            corrected = corrected.flatMap(so -> EdgeEdit.moved(so, edge, correction.outMm()));
        }
        return corrected.map(so -> Steps.holesMade(so, lesson.order()));
    }

    /** The steps that lessons taught, for a piece that took them, in the order in which they were learnt. */
    public static List<String> steps(Patterns patterns, String piece) {
        return patterns.known().lessons().stream()
                .filter(lesson ->
                        lesson.takenBy().contains(piece) && !lesson.order().isBlank())
                .map(Lesson::order)
                .toList();
    }

    /** The side that is done first, since it is seen less: not the driver's, where the glove box is. */
    public static Optional<Side> first(Cabin cabin) {
        return cabin.parts().stream()
                .filter(part -> part.name().endsWith("glove box") && part.side() != Side.MIDDLE)
                .map(Part::side)
                .findFirst();
    }

    /** The edge of the piece itself, which may have other edges by now; below nought where none lies there. */
    private static int own(Lesson.Correction correction, Piece piece) {
        if (correction.ends().isEmpty())
            return correction.edge() < piece.edges().size() ? correction.edge() : -1;
        return nearest(piece, correction.ends(), "");
    }

    /** The edge that lies where the mirrored one does once both are laid over each other. */
    private static int mirrored(Piece learntOn, Lesson.Correction correction, Piece piece) {
        var edge = own(correction, learntOn);
        if (edge < 0) return -1;
        var laid = SidesCompared.byBestFit(learntOn, piece).mirrored();
        var there = laid.run(learntOn.edges().size() - 1 - edge);
        return nearest(
                piece,
                List.of(there.getFirst(), there.getLast()),
                learntOn.edges().get(edge).name());
    }

    /** The edge whose ends are nearest; of those with the name, where any has it. */
    private static int nearest(Piece piece, List<Point> ends, String name) {
        var all = IntStream.range(0, piece.edges().size()).boxed().toList();
        var named = all.stream()
                .filter(i -> !name.isEmpty() && piece.edges().get(i).name().equals(name))
                .toList();
        return (named.isEmpty() ? all : named)
                .stream()
                        .min(Comparator.comparingDouble(i -> {
                            var run = piece.run(i);
                            return run.getFirst().to(ends.getFirst())
                                    + run.getLast().to(ends.getLast());
                        }))
                        .orElse(-1);
    }
}
