package welumen.finish.mask;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;

/** What was said of the edges beside what is sprayed on a car. */
public record EdgeBook(List<Edge> all) {
    public static final EdgeBook NONE = new EdgeBook(List.of());

    public EdgeBook {
        all = List.copyOf(all);
    }

    public EdgeBook with(Edge edge) {
        var more = new ArrayList<>(all);
        more.removeIf(edge::isOf);
        more.add(edge);
        return new EdgeBook(more);
    }

    /** What was said of a part's edges, and of the others what is likely. */
    public List<Edge> of(PartId sprayed, List<Edge> likely) {
        var edges = new ArrayList<>(
                all.stream().filter(edge -> edge.sprayed().equals(sprayed)).toList());
        likely.stream().filter(guess -> edges.stream().noneMatch(guess::isOf)).forEach(edges::add);
        return List.copyOf(edges);
    }

    /** Hours of masking and of taking off for one part, as far as somebody has said. */
    public double hours(PartId sprayed) {
        return all.stream()
                .filter(edge -> edge.sprayed().equals(sprayed))
                .mapToDouble(Edge::hours)
                .sum();
    }
}
