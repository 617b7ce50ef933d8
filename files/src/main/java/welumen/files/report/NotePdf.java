package welumen.files.report;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import welumen.handover.NextTrimmer;
import welumen.job.Job;

/** One sheet to be left in the car for whoever takes it apart next. */
public final class NotePdf {
    private NotePdf() {}

    public static byte[] write(Job job, String workshop, LocalDate today) {
        var note = NextTrimmer.of(job.cabin(), job.strip(), job.choices(), job.refit());
        try (var paper = new WrittenPage(workshop)) {
            paper.title("To whoever takes this apart next");
            var car = job.intake().known();
            if (car.isPresent())
                paper.line("Car", "%d %s".formatted(car.get().year(), car.get().name()));
            paper.line("Trimmed", "%s, %s".formatted(workshop, today));
            section(paper, "What was done", note.done());
            section(paper, "Not as it was before", note.notAsBefore());
            section(paper, "Fixings that hide", note.hidden());
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The note could not be printed: " + fault.getMessage(), fault);
        }
    }

    private static void section(WrittenPage paper, String title, List<String> lines) throws IOException {
        paper.heading(title);
        if (lines.isEmpty()) paper.line("", "Nothing.");
        for (var line : lines) paper.line("", line);
    }
}
