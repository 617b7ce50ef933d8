package welumen.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartNames;
import welumen.custody.CustodyText;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCustody;
import welumen.job.JobChange.Together;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.line.BondText;
import welumen.strip.line.Reading;
import welumen.strip.line.Shorthand;

/** What a line that is typed at the strip means: a part to pick, something to note of it, or a step. */
public sealed interface TypedLine {
    record Nothing() implements TypedLine {}

    /** A few letters alone: the parts that they may mean, those that are still on first. */
    record Picks(List<Part> parts) implements TypedLine {
        public Picks {
            parts = List.copyOf(parts);
        }
    }

    /** It tells how the part is held, or where it is. */
    record Notes(JobChange change) implements TypedLine {}

    record Says(Reading reading) implements TypedLine {}

    /** @param about the part that is picked */
    static TypedLine read(String text, PartId about, Job job) {
        if (text.isBlank()) return new Nothing();
        var note = BondText.read(text, about, job.cabin())
                .<JobChange>map(AtStrip::new)
                .or(() -> CustodyText.read(text, about, job.cabin()).map(InCustody::new))
                .or(() -> rules(text, about, job));
        if (note.isPresent()) return new Notes(note.get());
        var reading = Shorthand.read(text, about, job.cabin(), job.strip());
        var picks = picks(text.strip(), reading, job);
        return picks.isEmpty() ? new Says(reading) : new Picks(picks);
    }

    private static Optional<JobChange> rules(String text, PartId about, Job job) {
        var rules = Shorthand.onlyRules(text, about, job.cabin(), job.strip()).stream()
                .<JobChange>map(rule -> new AtStrip(new StripRuleNoted(rule)))
                .toList();
        if (rules.isEmpty()) return Optional.empty();
        return Optional.of(Together.of(rules));
    }

    private static List<Part> picks(String text, Reading reading, Job job) {
        if (!text.matches("[\\p{L} -]{2,24}")) return List.of();
        Optional<PartId> named = PartNames.findOne(job.cabin(), text);
        if (named.isPresent()) return List.of(job.cabin().one(named.get()));
        if (!reading.unknown().equals(List.of(text))) return List.of();
        var likely = PartNames.likely(job.cabin(), text);
        var out = job.strip().off();
        return Stream.concat(
                        likely.stream().filter(part -> !out.contains(part.id())),
                        likely.stream().filter(part -> out.contains(part.id())))
                .toList();
    }
}
