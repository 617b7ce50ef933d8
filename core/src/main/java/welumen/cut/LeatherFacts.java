package welumen.cut;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.leather.LeatherTest;
import welumen.cut.leather.Shade;
import welumen.cut.leather.Worked;
import welumen.cut.stock.Stock;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.treatment.Matter;

/**
 * What has to be known of the leather before it is cut: how it shrinks where it is worked, what tools leave on it, which way
 * each piece stretches.
 *
 * @param pieces cut from hides
 * @param worked those of them that are worked before they get their line
 * @param untested of these, those of whose leather no strip was worked so
 * @param stretchUnsaid those for which nobody has said which way they stretch
 * @param restHours the longest that a worked piece rests; nought where none is worked
 * @param marked tests by which tools leave the leather otherwise than it was
 * @param finished tests after which the colour is not what it was
 */
public record LeatherFacts(
        List<Piece> pieces,
        List<Piece> worked,
        List<Piece> untested,
        List<Piece> stretchUnsaid,
        double restHours,
        List<LeatherTest> marked,
        List<LeatherTest> finished) {
    /** @param stock of the workshop and the job */
    public static LeatherFacts of(List<Piece> pattern, List<Stock> stock, Worked known) {
        var leathers = leathers(pattern, stock);
        var pieces = pattern.stream()
                .filter(piece -> leathers.contains(piece.material()))
                .toList();
        var worked = pieces.stream()
                .filter(piece -> known.pieces().containsKey(piece.id()))
                .toList();
        return new LeatherFacts(
                pieces,
                worked,
                worked.stream()
                        .filter(piece -> test(piece, known).findFirst().isEmpty())
                        .toList(),
                pieces.stream()
                        .filter(piece -> !(piece.grain() instanceof Grain.StretchAlong))
                        .toList(),
                worked.stream()
                        .flatMap(piece -> test(piece, known))
                        .mapToDouble(LeatherTest::restHours)
                        .max()
                        .orElse(0),
                known.tests().stream()
                        .filter(test -> test.tools() != Shade.SAME)
                        .toList(),
                known.tests().stream()
                        .filter(test -> test.finished() != Shade.SAME)
                        .toList());
    }

    /** What comes in hides, and what is leather by its name though none of it is here yet. */
    public static SortedSet<String> leathers(List<Piece> pattern, List<Stock> stock) {
        var leathers = new TreeSet<String>();
        for (var one : stock)
            if (one instanceof Stock.Hide hide && hide.kind() == Stock.Kind.HIDE) leathers.add(one.material());
        var here = stock.stream().map(Stock::material).collect(Collectors.toSet());
        pattern.stream()
                .map(Piece::material)
                .filter(material ->
                        !here.contains(material) && Matter.of(material).equals(Optional.of(Matter.LEATHER)))
                .forEach(leathers::add);
        return leathers;
    }

    private static Stream<LeatherTest> test(Piece piece, Worked known) {
        return known
                .test(piece.material(), Objects.requireNonNull(known.pieces().get(piece.id())))
                .stream();
    }
}
