package welumen.pattern.seam;

import java.util.List;
import welumen.pattern.PatternChange;

/**
 * A way to make a seam walk.
 *
 * @param word what a trimmer calls it
 * @param means what it does here, with its amount
 * @param changes what happens to the pattern
 */
public record Mend(String word, String means, List<PatternChange> changes) {
    public Mend {
        changes = List.copyOf(changes);
    }
}
