package welumen.desktop.model;

import java.nio.file.Path;
import java.util.Optional;
import welumen.files.full.Paper;
import welumen.files.full.PiecePdf;
import welumen.files.full.TargetPdf;
import welumen.files.report.ApprovalPdf;
import welumen.files.report.JobLogPdf;
import welumen.files.report.NotePdf;
import welumen.files.report.RemovedPdf;
import welumen.journal.StoreException;
import welumen.pattern.Piece;

/** Prints the job's papers as PDFs into the workshop's folder. */
public final class PaperDesk {
    private static final int TARGETS = 8;

    private final JobModel model;

    PaperDesk(JobModel model) {
        this.model = model;
    }

    /** Each gives the file; empty, with trouble said, where it cannot be written. */
    public Optional<Path> log() {
        return keep(
                "", JobLogPdf.write(model.job(), model.log(), model.workshop().name(), model.zone()));
    }

    /** What came off, what became of it, and room for a signature. */
    public Optional<Path> removed() {
        return keep(
                "what came off ", RemovedPdf.write(model.job(), model.workshop().name(), model.today()));
    }

    /** The note for the next trimmer. */
    public Optional<Path> note() {
        return keep(
                "note in the car ", NotePdf.write(model.job(), model.workshop().name(), model.today()));
    }

    /** What the customer is to agree to. */
    public Optional<Path> approvals() {
        return keep(
                "for your word ",
                ApprovalPdf.write(model.job(), model.terms(), model.workshop().name(), model.today()));
    }

    /** Targets to lay round a piece. */
    public Optional<Path> targets(double targetMm) {
        return keep("targets ", TargetPdf.write(targetMm, 0, TARGETS));
    }

    /** A piece at full size. */
    public Optional<Path> fullSize(Piece piece, Paper.Sheet sheet) {
        return keep(piece.name() + " at full size ", PiecePdf.tiled(piece, sheet));
    }

    private Optional<Path> keep(String what, byte[] pdf) {
        try {
            model.forgetTrouble();
            return Optional.of(model.keepPaper(
                    "%s %s%s.pdf".formatted(model.openedProperty().get().title(), what, model.today()), pdf));
        } catch (StoreException fault) {
            model.say(fault.getMessage());
            return Optional.empty();
        }
    }
}
