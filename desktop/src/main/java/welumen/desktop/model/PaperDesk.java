package welumen.desktop.model;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.leather.Worked;
import welumen.cut.stock.Stock;
import welumen.diary.plan.DayLine;
import welumen.files.full.CutCardPdf;
import welumen.files.full.Paper;
import welumen.files.full.PiecePdf;
import welumen.files.full.SheetPdf;
import welumen.files.full.TargetPdf;
import welumen.files.nest.PlanDxf;
import welumen.files.nest.PlanPicture;
import welumen.files.pattern.PatternCsv;
import welumen.files.pattern.PatternDxf;
import welumen.files.pattern.PatternSvg;
import welumen.files.plan.DaysCalendar;
import welumen.files.plan.DaysCsv;
import welumen.files.report.ApprovalPdf;
import welumen.files.report.DaysPdf;
import welumen.files.report.JobLogPdf;
import welumen.files.report.LetterPdf;
import welumen.files.report.NotePdf;
import welumen.files.report.RecipePdf;
import welumen.files.report.RemovedPdf;
import welumen.finish.Recipe;
import welumen.journal.StoreException;
import welumen.measure.Because;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Piece;

/** Prints the job's papers as PDFs into the workshop's folder. */
public final class PaperDesk {
    private static final int TARGETS = 8;

    private final JobModel model;
    private final PaperOpener opener;

    PaperDesk(JobModel model, PaperOpener opener) {
        this.model = model;
        this.opener = opener;
    }

    /** Opens what was made last, beside; where no program can, that is said. */
    public void open() {
        beside(opener::open);
    }

    /** Sends what was made last to the printer, beside. */
    public void print() {
        beside(opener::print);
    }

    private void beside(Function<Path, String> work) {
        var file = model.paperProperty().get();
        if (file == null) return;
        // another program, for which nothing that is worked out here should wait
        Thread.ofVirtual().start(() -> {
            var trouble = work.apply(file);
            if (!trouble.isEmpty()) Platform.runLater(() -> model.say(trouble));
        });
    }

    /** Each gives the file; empty, with trouble said, where it cannot be written. */
    public Optional<Path> log() {
        return keep("", JobLogPdf.write(model.job(), model.log(), model.workshopName(), model.zone()));
    }

    /** What came off, what became of it, and room for a signature. */
    public Optional<Path> removed() {
        return keep("what came off ", RemovedPdf.write(model.job(), model.workshopName(), model.today()));
    }

    /** The note for the next trimmer. */
    public Optional<Path> note() {
        return keep("note in the car ", NotePdf.write(model.job(), model.workshopName(), model.today()));
    }

    /** What the customer is to agree to. */
    public Optional<Path> approvals() {
        return keep(
                "for your word ", ApprovalPdf.write(model.job(), model.terms(), model.workshopName(), model.today()));
    }

    /** Targets to lay round a piece. */
    public Optional<Path> targets(double targetMm) {
        return keep("targets ", TargetPdf.write(targetMm, 0, TARGETS));
    }

    /** A piece at full size. */
    public Optional<Path> fullSize(Piece piece, Patterns patterns, Paper paper) {
        return keep(piece.name() + " at full size ", PiecePdf.on(paper, piece, patterns));
    }

    /** Pieces as DXF, as SVG and as a table, beside each other; where the drawing went. */
    public Optional<Path> drawings(List<Piece> pieces, Patterns patterns) {
        var kept = keepAs("pieces ", ".dxf", PatternDxf.write(pieces, patterns).getBytes(StandardCharsets.US_ASCII));
        keepAs("pieces ", ".svg", PatternSvg.write(pieces).getBytes(StandardCharsets.UTF_8));
        keepAs("pieces ", ".csv", PatternCsv.write(pieces).getBytes(StandardCharsets.UTF_8));
        return kept;
    }

    /** A card for each hide, with its chalk list. @param since what keeps the plan from holding; empty where it holds */
    public Optional<Path> cutCards(CutProblem problem, CutPlan plan, Worked worked, String since) {
        return keep("cut cards ", CutCardPdf.of(problem, plan, worked, since));
    }

    /** What is cut from a hide, at full size. */
    public Optional<Path> fullSize(CutProblem problem, CutPlan plan, Stock stock, Paper paper) {
        return keep(stock.id() + " at full size ", SheetPdf.on(paper, problem, plan, stock));
    }

    /** The whole plan as DXF and as SVG; where the DXF went. */
    public Optional<Path> plan(CutProblem problem, CutPlan plan) {
        keepAs("cut plan ", ".svg", PlanPicture.svg(problem, plan).getBytes(StandardCharsets.UTF_8));
        return keepAs("cut plan ", ".dxf", PlanDxf.write(problem, plan).getBytes(StandardCharsets.US_ASCII));
    }

    /** The days as a calendar and as a table, beside each other; where the calendar went. */
    public Optional<Path> days(List<DayLine> lines) {
        keepAs("days ", ".csv", DaysCsv.write(lines).getBytes(StandardCharsets.UTF_8));
        return keepAs(
                "days ",
                ".ics",
                DaysCalendar.write(lines, model.zone(), model.nowProperty().get())
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** A letter to the customer about what has come about. */
    public Optional<Path> letter(String about, List<LetterPdf.Matter> matters) {
        return keep("letter ", LetterPdf.write(model.job(), about, matters, model.workshopName(), model.today()));
    }

    /** The card that stays with a tin. */
    public Optional<Path> recipe(Recipe recipe) {
        return keep("recipe %s ".formatted(recipe.id()), RecipePdf.write(model.job(), recipe, model.workshopName()));
    }

    /** One day, a heading for each who works then. */
    public Optional<Path> day(List<DayLine> lines, LocalDate day) {
        return keep("day of " + day + " ", DaysPdf.day(lines, day, model.workshopName()));
    }

    /** Seven days from one on. */
    public Optional<Path> week(List<DayLine> lines, LocalDate from) {
        return keep("week ", DaysPdf.week(lines, from, model.workshopName()));
    }

    private Optional<Path> keep(String what, byte[] pdf) {
        return keepAs(what, ".pdf", pdf);
    }

    private Optional<Path> keepAs(String what, String ending, byte[] content) {
        try {
            model.forgetTrouble();
            return Optional.of(model.keepPaper(
                    "%s %s%s%s".formatted(model.openedProperty().get().title(), what, model.today(), ending), content));
        } catch (StoreException fault) {
            model.say(Because.of(fault));
            return Optional.empty();
        }
    }
}
