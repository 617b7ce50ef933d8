package welumen.files.report;

import java.io.IOException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.Said;
import welumen.journal.Entry;
import welumen.journal.Note.Made;
import welumen.measure.Lengths;
import welumen.measure.Many;
import welumen.refit.PutBack;
import welumen.strip.Bag;
import welumen.strip.Step;
import welumen.strip.fixing.FixingLot;

/** The job's log on paper: the car, what came off, what was found, what went back, and every entry with its time. */
public final class JobLogPdf {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);

    private JobLogPdf() {}

    /**
     * @param standing the entries whose changes stand
     * @return the PDF, page one with the car and its state
     */
    public static byte[] write(Job job, List<Entry<JobChange>> standing, String workshop, ZoneId zone) {
        try (var paper = new WrittenPage(workshop)) {
            paper.title(
                    job.intake() instanceof Intake.TakenIn taken
                            ? "%d %s".formatted(taken.car().year(), taken.car().name())
                            : "A job without a car");
            car(paper, job);
            strip(paper, job);
            survey(paper, job);
            refit(paper, job);
            paper.heading("The log");
            for (var entry : standing)
                if (entry.note() instanceof Made<JobChange>(var change))
                    paper.line(
                            WHEN.format(entry.at().atZone(zone)),
                            Said.of(change, job.cabin()) + " (" + entry.author() + ")");
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The job's log could not be printed: " + fault.getMessage(), fault);
        }
    }

    private static void car(WrittenPage paper, Job job) throws IOException {
        var car = job.intake().known();
        if (car.isEmpty()) return;
        paper.line("Body", car.get().body());
        paper.line("Registration", car.get().registration());
        paper.line("Customer", job.intake().owner().orElseThrow().name());
        var agreed = job.intake().agreed();
        if (agreed.isEmpty()) return;
        paper.line("Standard", agreed.get().standard().word());
        paper.line("Budget", agreed.get().budget().print());
        paper.line("Due", DAY.format(agreed.get().due()));
    }

    private static void strip(WrittenPage paper, Job job) throws IOException {
        paper.heading("Taken off: " + Many.of(job.strip().steps().size(), "step"));
        for (var step : job.strip().steps())
            paper.line(bag(step), job.cabin().one(step.part()).title() + ": " + said(step));
    }

    private static String bag(Step step) {
        return step.bag() instanceof Bag.Numbered(var number) ? "bag " + number : "no bag";
    }

    private static String said(Step step) {
        var fixings =
                String.join("; ", step.fixings().stream().map(FixingLot::said).toList());
        return (fixings.isEmpty() ? "no fixings" : fixings) + (step.note().isEmpty() ? "" : "; " + step.note());
    }

    private static void survey(WrittenPage paper, Job job) throws IOException {
        paper.heading("Found");
        for (var finding : job.survey().findings())
            paper.line(
                    finding.severity().word(),
                    "%s: %s, %s across. %s"
                            .formatted(
                                    job.cabin().one(finding.part()).title(),
                                    finding.kind().word(),
                                    Lengths.near(finding.sizeMm()),
                                    finding.note()));
    }

    private static void refit(WrittenPage paper, Job job) throws IOException {
        paper.heading("Back in the car");
        if (job.refit().back().isEmpty()) paper.line("", "Nothing yet.");
        for (PutBack back : job.refit().back())
            paper.line(
                    "%d in".formatted(back.fixingsIn()),
                    job.cabin().one(back.part()).title()
                            + (back.shortBecause().isEmpty() ? "" : ", signed off short: " + back.shortBecause())
                            + (back.unfinishedBecause().isEmpty()
                                    ? ""
                                    : ", not finished: " + back.unfinishedBecause()));
    }
}
