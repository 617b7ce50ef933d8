package welumen.files.report;

import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import welumen.job.Job;

/** A letter to the customer about something that has come about: what it is, what it means, and room for an answer. */
public final class LetterPdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

    private LetterPdf() {}

    /** One matter of the letter. */
    public record Matter(String heading, List<String> sentences) {
        public Matter {
            sentences = List.copyOf(sentences);
        }
    }

    /** @param about in a few words; matters without a sentence are left out */
    public static byte[] write(Job job, String about, List<Matter> matters, String workshop, LocalDate today) {
        try (var paper = new WrittenPage(workshop)) {
            paper.title("About your car");
            Head.write(paper, job);
            paper.line("On", DAY.format(today));
            paper.line("About", about);
            for (var matter : matters) {
                if (matter.sentences().isEmpty()) continue;
                paper.heading(matter.heading());
                for (var sentence : matter.sentences()) paper.line("", sentence);
            }
            paper.heading("Your word");
            paper.line("Agreed", "……………………………");
            paper.line("On", "……………………………");
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The letter could not be printed: " + fault.getMessage(), fault);
        }
    }
}
