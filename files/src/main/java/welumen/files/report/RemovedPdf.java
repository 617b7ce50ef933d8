package welumen.files.report;

import java.io.IOException;
import java.time.LocalDate;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.handover.SafetyCheck;
import welumen.job.Job;

/** Everything that came off a car and what became of it, the customer's own things, the checks, and room for a signature. */
public final class RemovedPdf {
    private RemovedPdf() {}

    public static byte[] write(Job job, String workshop, LocalDate today) {
        try (var paper = new WrittenPage(workshop)) {
            paper.title("What came off, and where it is");
            Head.write(paper, job);
            paper.line("On", today.toString());
            paper.heading("Parts");
            var off = job.strip().everOff();
            for (var part : job.cabin().parts())
                if (off.contains(part.id())) paper.line("", part.title() + ": " + fate(job, part.id()));
            paper.heading("Found in the car");
            if (job.brief().things().isEmpty()) paper.line("", "Nothing.");
            for (var thing : job.brief().things())
                paper.line(
                        "",
                        "%s, %s: %s"
                                .formatted(
                                        thing.what(),
                                        thing.where(),
                                        thing.handedBack() ? "handed back" : "still here"));
            paper.heading("Checked, and by whom");
            for (var check : SafetyCheck.wantedBy(job.cabin(), job.brief(), job.strip(), job.custody()))
                paper.line(
                        job.handover().checked().getOrDefault(check, "not yet"),
                        job.cabin().one(check.part()).title() + ": "
                                + check.what().sentence());
            paper.heading("Received the car and all that is listed");
            paper.line(
                    "Name",
                    job.handover().signedBy().isEmpty()
                            ? "……………………………"
                            : job.handover().signedBy());
            paper.line("Signature", "……………………………");
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The list could not be printed: " + fault.getMessage(), fault);
        }
    }

    private static String fate(Job job, PartId part) {
        if (job.refit().isFitted(part)) return "back in the car";
        var said = job.custody().fates().get(part);
        if (said != null) return said.fate().word() + (said.agreed().isEmpty() ? "" : " (" + said.agreed() + ")");
        return job.custody().findAway(part).map(Away::where).orElse("in the workshop");
    }
}
