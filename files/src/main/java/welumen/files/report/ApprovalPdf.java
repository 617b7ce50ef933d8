package welumen.files.report;

import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.Collectors;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.survey.Finding;
import welumen.treatment.Terms;
import welumen.treatment.whole.ApprovalSheet;

/** What a customer is to agree to, with a picture of each part and its finds, price range, dates, and room to sign. */
public final class ApprovalPdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);

    private ApprovalPdf() {}

    public static byte[] write(Job job, Terms terms, String workshop, LocalDate today) {
        var sheet = job.approvalSheet(terms, today);
        var sign = job.intake() instanceof Intake.TakenIn taken
                ? taken.agreement().budget().sign()
                : "";
        try (var paper = new WrittenPage(workshop)) {
            paper.title("For your word: what is to be done");
            Head.write(paper, job);
            paper.line("Price", range(sign, sheet.least(), sheet.most()) + ", all parts below");
            paper.line(
                    "Done by",
                    "%s at the earliest, if nothing hidden is found".formatted(DAY.format(sheet.earliest())));
            paper.heading("Part by part");
            for (var line : sheet.lines()) part(paper, line, sign);
            paper.heading("Agreed");
            paper.line("Yes to all", "……   but not:  ……………………………………………");
            paper.line("Name, date", "……………………………………………");
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The sheet could not be printed: " + fault.getMessage(), fault);
        }
    }

    private static void part(WrittenPage paper, ApprovalSheet.Line line, String sign) throws IOException {
        paper.picture(
                line.part().kind().outline(),
                line.findings().stream()
                        .collect(Collectors.toMap(
                                Finding::number, finding -> finding.mark().at())));
        paper.line(line.part().title(), found(line) + ".");
        paper.line(
                "",
                "%s; finish %s, lasts about %d years."
                        .formatted(
                                capital(line.way().word()),
                                line.way().finish().said(),
                                line.way().lastsYears()));
        paper.line("", range(sign, line.least(), line.most()) + waits(line));
        paper.gap();
    }

    private static String found(ApprovalSheet.Line line) {
        return line.findings().stream()
                .map(finding -> "%d %s, %s"
                        .formatted(
                                finding.number(),
                                finding.kind().word(),
                                finding.severity().word()))
                .collect(Collectors.joining("; "));
    }

    private static String waits(ApprovalSheet.Line line) {
        return line.way().waitingDays() > 0
                ? ", waits about %.0f days".formatted(line.way().waitingDays())
                : "";
    }

    private static String range(String sign, double least, double most) {
        return "%s%.0f to %s%.0f".formatted(sign, least, sign, most);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
