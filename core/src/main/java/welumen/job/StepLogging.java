package welumen.job;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.WorkChange.WorkEnded;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.Moment;
import welumen.evidence.PartPhoto;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InAlbum;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripCautions;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.line.Reading;
import welumen.strip.line.Shorthand;
import welumen.strip.line.StepText;
import welumen.strip.line.Wanted;
import welumen.strip.reach.Versions;

/** What logging one line of the strip brings about: the step, what it says of other parts, and what ends or begins with it. */
public final class StepLogging {
    /** Wait after the battery is off, until the maker's own figure is known. */
    private static final Duration BATTERY_WAIT = Duration.ofMinutes(10);

    private StepLogging() {}

    /** Why the step may not be taken yet, in words; empty where nothing stops it. */
    public static Optional<String> objection(Job job, Reading reading, Instant now) {
        var part = job.cabin().one(reading.part());
        return underAirbags(job, part, now)
                .or(() ->
                        reading.step(0, List.of()).outcome() == Outcome.OFF ? unprepared(job, part) : Optional.empty());
    }

    /** What breaks easily and cannot be had again stays until its version is known and its plan has been read. */
    private static Optional<String> unprepared(Job job, Part part) {
        if (!StripCautions.isIrreplaceable(part)) return Optional.empty();
        var split = Versions.open(
                job.cabin(),
                job.strip(),
                part.id(),
                feature -> job.brief().has(feature).isPresent());
        if (split.isPresent())
            return Optional.of("Look first whether this car has “%s”, and say so at Intake: %s."
                    .formatted(
                            split.get().feature(),
                            split.get().wherePresent().isEmpty()
                                    ? "the part may be another one"
                                    : "where it has, the %s comes off before; where not, nothing else does"
                                            .formatted(split.get()
                                                    .wherePresent()
                                                    .getFirst()
                                                    .name())));
        return job.care().seen().contains(CautionsDue.handling(part))
                ? Optional.empty()
                : Optional.of("It is brittle and no longer made: read its plan above and press F4, then log the step.");
    }

    private static Optional<String> underAirbags(Job job, Part part, Instant now) {
        if (!job.brief().hasAirbags() || !StripCautions.wantsBatteryOff(part.kind())) return Optional.empty();
        var battery = job.cabin().parts().stream()
                .filter(one -> one.kind() == PartKind.BATTERY)
                .findFirst();
        if (battery.isPresent() && !job.strip().isOff(battery.get().id()))
            return Optional.of("This car has airbags: take the battery off first, log it, and wait as the maker says.");
        return job.clocks().running().stream()
                .filter(clock ->
                        clock.id().equals(batteryClock(battery)) && clock.ends().isAfter(now))
                .findFirst()
                .map(clock ->
                        "The battery is not off long enough yet: %d min are left. Put the clock away if the maker asks for less."
                                .formatted(Math.ceilDiv(clock.left(now).toSeconds(), 60)));
    }

    /** The change that logs the line, as one action. */
    public static JobChange log(Job job, Reading reading, List<String> photos, String person, Instant now) {
        var step = reading.step(job.strip().nextStep(), photos);
        var changes = new ArrayList<JobChange>();
        changes.add(new AtStrip(new StepLogged(step)));
        for (var rule : reading.rules()) changes.add(new AtStrip(new StripRuleNoted(rule)));
        for (var photo : photos)
            changes.add(new InAlbum(new PhotoKept(new PartPhoto(step.part(), photo, Moment.BEFORE, now))));
        if (step.outcome() == Outcome.OFF) {
            job.work()
                    .runningFor(person)
                    .filter(begun -> begun.on().equals(step.part().value()))
                    .ifPresent(_ -> changes.add(new AtWork(new WorkEnded(person, now, Duration.ZERO))));
            var part = job.cabin().one(step.part());
            if (job.brief().hasAirbags() && part.kind() == PartKind.BATTERY)
                changes.add(new OnClock(new ClockStarted(new BenchClock(
                        batteryClock(Optional.of(part)),
                        "Battery off, airbags",
                        "seats, belts, wheel, dash",
                        now,
                        BATTERY_WAIT))));
        }
        return Together.of(changes);
    }

    /** The change that puts a logged step right: its number and its photos stay. */
    public static JobChange correct(Step old, Reading reading, List<String> morePhotos, Instant now) {
        var photos = new ArrayList<>(old.photos());
        photos.addAll(morePhotos);
        var changes = new ArrayList<JobChange>();
        changes.add(new AtStrip(new StepCorrected(reading.step(old.number(), photos))));
        for (var rule : reading.rules()) changes.add(new AtStrip(new StripRuleNoted(rule)));
        for (var photo : morePhotos)
            changes.add(new InAlbum(new PhotoKept(new PartPhoto(reading.part(), photo, Moment.BEFORE, now))));
        return Together.of(changes);
    }

    /** What the step that was logged last still lacks. */
    public static List<Wanted> lastLacks(Job job) {
        if (job.strip().steps().isEmpty()) return List.of();
        var last = job.strip().steps().getLast();
        return reread(job, last).wanted(last.photos().size());
    }

    /** A logged step, as its line would be understood. */
    public static Reading reread(Job job, Step step) {
        return Shorthand.read(StepText.line(step), step.part(), job.cabin(), job.strip());
    }

    private static String batteryClock(Optional<Part> battery) {
        return battery.map(part -> part.id() + "-off").orElse("");
    }
}
