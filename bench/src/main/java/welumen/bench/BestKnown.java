package welumen.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.judge.PlanScore;

/**
 * The best result that any run of a case has come to, kept in a table beside the cases.
 *
 * @param least of the emptiest sheet, see {@link PlanScore#leastOfSheet}: of a roll the share of its length that is used
 */
record BestKnown(String kind, long number, int sheets, double least) {
    private static final String TABLE = "best-known.csv";

    static Optional<BestKnown> of(String kind, long number) {
        return all().filter(one -> one.kind.equals(kind) && one.number == number)
                .findFirst();
    }

    private static Stream<BestKnown> all() {
        try (InputStream in = Objects.requireNonNull(BestKnown.class.getResourceAsStream(TABLE))) {
            var lines = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .toList();
            return lines.stream().map(line -> read(List.of(line.split(","))));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static BestKnown read(List<String> cells) {
        return new BestKnown(
                cells.get(0),
                Long.parseLong(cells.get(1)),
                Integer.parseInt(cells.get(2)),
                Double.parseDouble(cells.get(3)));
    }

    static BestKnown of(String kind, long number, PlanScore score) {
        return new BestKnown(kind, number, score.sheets(), score.leastOfSheet());
    }

    /** Fewer sheets, or less of the emptiest. */
    boolean isBetterThan(BestKnown other) {
        return sheets != other.sheets ? sheets < other.sheets : least < other.least - 1e-6;
    }

    /** How a result compares with it, in words. */
    String against(BestKnown found) {
        if (sheets != found.sheets) return "%d sheets against %d at best".formatted(found.sheets, sheets);
        return "%+.2f %% against the best known".formatted(100 * (found.least / least - 1));
    }

    /** As it stands in the table. */
    String line() {
        return Stream.of(kind, number, sheets, "%.5f".formatted(least))
                .map(Object::toString)
                .collect(Collectors.joining(","));
    }
}
