package welumen.strip.label;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import welumen.cabin.PartId;

/**
 * What the code on a label says, in letters that make a small, coarse code: whose label it is, and of which job, so that a
 * bag of another car is noticed.
 */
public sealed interface LabelCode {
    /** @param job a short mark of the job, the same for all its labels */
    record OfBag(String job, int number) implements LabelCode {}

    record OfPart(String job, PartId part) implements LabelCode {}

    Pattern FORM = Pattern.compile("W1:([0-9A-F]{8}):(?:B([1-9][0-9]{0,3})|P([A-Z0-9]+(?:-[A-Z0-9]+)*))");

    String job();

    /** The short mark of a job. */
    static String mark(UUID job) {
        return String.format(Locale.ROOT, "%08X", job.hashCode());
    }

    default String text() {
        return "W1:%s:%s"
                .formatted(
                        job(),
                        switch (this) {
                            case OfBag bag -> "B" + bag.number();
                            case OfPart one -> "P" + one.part().value().toUpperCase(Locale.ROOT);
                        });
    }

    /** Reads what a code says; empty where it is no label of Welumen's. */
    static Optional<LabelCode> read(String text) {
        var form = FORM.matcher(text.strip());
        if (!form.matches()) return Optional.empty();
        if (form.group(2) != null) return Optional.of(new OfBag(form.group(1), Integer.parseInt(form.group(2))));
        return Optional.of(new OfPart(form.group(1), new PartId(form.group(3).toLowerCase(Locale.ROOT))));
    }
}
