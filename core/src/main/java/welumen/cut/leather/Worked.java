package welumen.cut.leather;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is known of the leather of a job.
 *
 * @param tests the newest of each material, lot and way of working
 * @param pieces how pieces of the pattern are worked, by their names
 */
public record Worked(List<LeatherTest> tests, Map<String, Working> pieces) {
    public static final Worked NOTHING = new Worked(List.of(), Map.of());

    public Worked {
        tests = List.copyOf(tests);
        pieces = Map.copyOf(pieces);
    }

    public Worked with(LeatherTest test) {
        var others = new ArrayList<>(tests);
        others.removeIf(test::isOfTheSame);
        others.add(test);
        return new Worked(others, pieces);
    }

    public Worked with(String piece, Working working) {
        var more = new HashMap<>(pieces);
        more.put(piece, working);
        return new Worked(tests, more);
    }

    /** A piece is cut to its line at once. */
    public Worked without(String piece) {
        var fewer = new HashMap<>(pieces);
        fewer.remove(piece);
        return new Worked(tests, fewer);
    }

    /** The test that shrank most, of all lots of a material: a piece may lie on any of them. Empty where none was made. */
    public Optional<LeatherTest> test(String material, Working working) {
        return tests.stream()
                .filter(test -> test.material().equals(material) && test.working() == working)
                .max((one, other) -> Double.compare(
                        Math.max(one.shrinksAlong(), one.shrinksAcross()),
                        Math.max(other.shrinksAlong(), other.shrinksAcross())));
    }
}
