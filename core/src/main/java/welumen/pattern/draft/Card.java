package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * A card template drawn from the distances between its corners: sides and diagonals, as many as were taken. More than are
 * needed check each other; the corners lie where the squares of all misfits together are least.
 *
 * <p>Least squares (Levenberg and Marquardt) from a start by classical scaling (Torgerson, 1952), O(n³) for n
 * corners; what no measure holds is refused, and the misfit of every measure can be asked.
 *
 * @param corners counter-clockwise, in mm
 * @param measures as they were given
 * @param suspect the one without which all others agree; empty where they do, or where it cannot be told
 */
public record Card(List<Point> corners, List<Measure> measures, Optional<Measure> suspect) {
    /** Misfit in mm that a tape may have without anybody being wrong. */
    public static final double TAPE_MM = 2;

    private static final double CLEARS_UP = 3;

    /**
     * A distance between two corners.
     *
     * @param from a corner's letter, A to Z
     */
    public record Measure(char from, char to, double mm) {
        /** @throws IllegalArgumentException if it runs from a corner to itself, or is no length */
        public Measure {
            if (from == to) throw new IllegalArgumentException("%s%s is from a corner to itself.".formatted(from, to));
            if (!(mm > 0)) throw new IllegalArgumentException("%s%s is no length.".formatted(from, to));
        }

        public String word() {
            return "" + from + to;
        }
    }

    public Card {
        corners = List.copyOf(corners);
        measures = List.copyOf(measures);
    }

    /** Refused with what is missing, where the corners could still be somewhere else, or make no outline. */
    public static Parsed<Card> of(List<Measure> measures) {
        var letters = new TreeSet<Character>();
        for (var measure : measures) {
            letters.add(measure.from());
            letters.add(measure.to());
        }
        var count = letters.size();
        if (count < 3) return new Refused<>("A card has three corners at the least: AB 420, BC 310, CA 505.");
        if (letters.first() != 'A' || letters.last() != 'A' + count - 1)
            return new Refused<>("Name the corners A, B, C in their order round the card, with none left out.");
        var net = new Distances(count, measures);
        var corners = net.corners();
        if (corners.isEmpty())
            return new Refused<>("No card has these sides: a side is longer than the way round to its other end.");
        var loose = net.looseAt(corners.get());
        if (loose.isPresent())
            return new Refused<>("The card can still be pushed askew. Measure %s too.".formatted(loose.get()));
        if (Outline.ofRing(corners.get()) instanceof Refused<Outline>(var why))
            return new Refused<>("The card so measured %s. Check the order of its corners.".formatted(why));
        var drawn = new Card(corners.get(), measures, Optional.empty());
        return new Understood<>(new Card(corners.get(), measures, suspect(drawn, count)));
    }

    /** By how much a measure was taken longer than the card as drawn, in mm. */
    public double misfitMm(Measure measure) {
        return measure.mm() - at(measure.from()).to(at(measure.to()));
    }

    /** The root mean square of all misfits, in mm. */
    public double rmsMm() {
        return Math.sqrt(measures.stream()
                .mapToDouble(measure -> misfitMm(measure) * misfitMm(measure))
                .average()
                .orElse(0));
    }

    public Measure worst() {
        return measures.stream()
                .max(Comparator.comparingDouble(measure -> Math.abs(misfitMm(measure))))
                .orElseThrow();
    }

    /** Whether no measure is out by more than a tape may be. */
    public boolean agrees() {
        return Math.abs(misfitMm(worst())) <= TAPE_MM;
    }

    /** What the other measures say that one should have been, in mm; empty where they leave it open. */
    public static Optional<Double> told(List<Measure> measures, Measure without, int count) {
        var others = new ArrayList<>(measures);
        others.remove(without);
        var net = new Distances(count, others);
        return net.corners()
                .filter(corners -> net.looseAt(corners).isEmpty())
                .map(corners -> corners.get(without.from() - 'A').to(corners.get(without.to() - 'A')));
    }

    private Point at(char letter) {
        return corners.get(letter - 'A');
    }

    /** Only one that clears up all the others can be told from them, and only if no second one does so. */
    private static Optional<Measure> suspect(Card card, int count) {
        if (card.agrees() || card.measures().size() < 2 * count - 1) return Optional.empty();
        var clearing = new ArrayList<Measure>();
        for (var measure : card.measures()) {
            var others = new ArrayList<>(card.measures());
            others.remove(measure);
            var net = new Distances(count, others);
            var corners = net.corners();
            if (corners.isEmpty() || net.looseAt(corners.get()).isPresent()) continue;
            var rest = new Card(corners.get(), others, Optional.empty());
            if (rest.agrees() && rest.rmsMm() * CLEARS_UP < card.rmsMm()) clearing.add(measure);
        }
        return clearing.size() == 1 ? Optional.of(clearing.getFirst()) : Optional.empty();
    }
}
