package welumen.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.Together;
import welumen.job.StepLogging;
import welumen.journal.Journal;
import welumen.standins.camera.CameraStandin;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.line.Shorthand;
import welumen.strip.reach.UsualRules;
import welumen.yard.YardChange.JobOpened;
import welumen.yard.YardChange.WorkshopNamed;

/** A job of 5,000 entries and 600 photos, of which opening it is measured: {@code scripts/bench large [RUNS]}. */
final class LargeJob {
    private static final int ENTRIES = 5000;
    private static final int PHOTOS = 600;

    private LargeJob() {}

    public static void main(String[] args) throws IOException {
        var runs = args.length > 0 ? args[0] : "5";
        var folder = Files.createTempDirectory("welumen-bench").resolve("large");
        write(folder);
        StartUp.measure(Integer.parseInt(runs), folder);
        Smoothness.measure(folder);
    }

    private static void write(Path folder) {
        var clock = Clock.systemDefaultZone();
        try (var workshop = WorkshopFolder.open(folder)) {
            var job = UUID.randomUUID();
            var own = workshop.yard(clock);
            own.make(new WorkshopNamed("Large"), "bench");
            own.make(new JobOpened(job, "A large job", ""), "bench");
            fill(workshop, workshop.job(job, clock), ENTRIES, PHOTOS);
        }
    }

    /** So many entries, and photos with some of them. */
    static void fill(WorkshopFolder workshop, Journal<JobChange, Job> journal, int entries, int photographed) {
        var parts = BodyParts.of(Body.SALOON, Side.RIGHT);
        journal.make(new InCabin(new PartsListed(parts)), "bench");
        journal.make(
                new Together(UsualRules.of(new Cabin(parts)).stream()
                        .<JobChange>map(rule -> new AtStrip(new StripRuleNoted(rule)))
                        .toList()),
                "bench");
        var random = new Random(1);
        for (var i = journal.entries().size(); i < entries; i++) {
            var part = parts.get(random.nextInt(parts.size()));
            var photos = photographed > 0 && i % (entries / photographed) == 0
                    ? List.of(photo(workshop, part, i))
                    : List.<String>of();
            var line = "%d screws no. 8, %d clips grey under the seal, bag %d, loose"
                    .formatted(1 + random.nextInt(9), 1 + random.nextInt(9), 1 + i % 400);
            var state = journal.state();
            var reading = Shorthand.read(line, part.id(), state.cabin(), state.strip());
            journal.make(
                    StepLogging.log(
                            state, reading, photos, "bench", Clock.systemUTC().instant()),
                    "bench");
        }
    }

    private static String photo(WorkshopFolder workshop, Part part, int number) {
        return workshop.photos().keep(new CameraStandin().shoot(part.name() + number), part.name() + ".png");
    }
}
