package welumen.files.report;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import welumen.finish.Recipe;
import welumen.handover.GoingHome;
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
            section(
                    paper,
                    "Colours, by weight",
                    job.finish().recipes().stream().map(NotePdf::recipe).toList());
            section(paper, "Kept for repairs", GoingHome.touchUps(job.finish()));
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The note could not be printed: " + fault.getMessage(), fault);
        }
    }

    private static String recipe(Recipe recipe) {
        return "%s: %s"
                .formatted(
                        recipe.title(),
                        recipe.grams().entrySet().stream()
                                .map(one -> String.format(
                                        Locale.UK,
                                        "%s %.2f %%%s",
                                        one.getKey(),
                                        100 * one.getValue() / recipe.whole(),
                                        recipe.lots().containsKey(one.getKey())
                                                ? " (lot %s)"
                                                        .formatted(recipe.lots().get(one.getKey()))
                                                : ""))
                                .collect(Collectors.joining(", ")));
    }

    private static void section(WrittenPage paper, String title, List<String> lines) throws IOException {
        paper.heading(title);
        if (lines.isEmpty()) paper.line("", "Nothing.");
        for (var line : lines) paper.line("", line);
    }
}
