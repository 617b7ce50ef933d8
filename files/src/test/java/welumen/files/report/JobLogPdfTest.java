package welumen.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.journal.Entry;
import welumen.journal.Note.Made;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;

class JobLogPdfTest {
    private static final PartId SILL = new PartId("left-sill-cover");

    @Test
    void printsWhatCameOffAndEveryEntryOverAsManyPagesAsItTakes() throws IOException {
        var entries = new ArrayList<Entry<JobChange>>();
        var job = Job.EMPTY;
        JobChange listed = new InCabin(new PartsListed(List.of(new Part(
                SILL, "left sill cover", PartKind.SILL_COVER, Side.LEFT, Spot.SILL_LEFT, "", Supply.NOT_KNOWN))));
        job = job.after(listed);
        entries.add(new Entry<>(1, Instant.parse("2026-04-14T07:00:00Z"), "Ada", new Made<>(listed)));
        for (var i = 1; i <= 60; i++) {
            var line = "2 clips grey, bag %d, odd sign \u4e2d".formatted(i);
            JobChange change = new AtStrip(new StepLogged(
                    Shorthand.read(line, SILL, job.cabin(), job.strip()).step(i, List.of())));
            job = job.after(change);
            entries.add(new Entry<>(i + 1L, Instant.parse("2026-04-14T08:00:00Z"), "Ada", new Made<>(change)));
        }
        try (var pdf = Loader.loadPDF(JobLogPdf.write(job, entries, "Thimble Yard", ZoneOffset.UTC))) {
            var text = new PDFTextStripper().getText(pdf);
            assertThat(pdf.getNumberOfPages()).isGreaterThan(2);
            assertThat(text)
                    .contains("Taken off: 60 steps", "bag 60", "Off: Left sill cover (Ada)", "Tue 14 Apr 08:00");
        }
    }
}
