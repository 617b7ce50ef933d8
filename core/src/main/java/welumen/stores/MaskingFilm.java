package welumen.stores;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.finish.FinishBook;
import welumen.finish.underway.Coating;

/** Counts masking film by the edges beside what is sprayed, as far as it is not sprayed yet. */
final class MaskingFilm {
    private MaskingFilm() {}

    static Optional<Need> need(FinishBook finish) {
        var done = new HashSet<PartId>();
        finish.coatings().all().stream().filter(Coating::isDone).forEach(coating -> done.addAll(coating.part()));
        finish.coatings().open().forEach(coating -> done.removeAll(coating.part()));
        var open = finish.edges().all().stream()
                .filter(edge -> !done.contains(edge.sprayed()) && edge.isMasked())
                .toList();
        if (open.isEmpty()) return Optional.empty();
        var edge = open.stream().mapToDouble(one -> one.edgeM()).sum();
        var film = open.stream().mapToDouble(one -> one.filmM()).sum();
        return Optional.of(new Need(
                "masking film",
                Math.ceil(film * 10) / 10,
                Need.Unit.METRE,
                false,
                List.of(String.format(
                        Locale.UK,
                        "%.1f m of edge beside %s, and a tenth over = %.1f m",
                        edge,
                        open.size() == 1 ? "one part" : open.size() + " parts",
                        film))));
    }
}
