package welumen.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Clock;
import java.util.UUID;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.desktop.WelumenWindow;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.InCabin;
import welumen.job.WorkStage;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.yard.YardChange.JobOpened;
import welumen.yard.YardChange.WorkshopNamed;

/**
 * An edit on a piece of 560 corners at the Pattern stage, from the change to a laid-out frame, and to a painted one:
 * {@code scripts/bench redraw}.
 */
final class Redraw {
    private static final int CORNERS = 560;
    private static final int EDITS = 140;
    private static final int WARM = 80;

    private Redraw() {}

    public static void main(String[] args) throws IOException {
        var folder = Files.createTempDirectory("welumen-bench").resolve("redraw");
        var piece = CurvedPiece.of(CORNERS);
        try (var workshop = WorkshopFolder.open(folder)) {
            var clock = Clock.systemDefaultZone();
            var job = UUID.randomUUID();
            var own = workshop.yard(clock);
            own.make(new WorkshopNamed("Redraw"), "bench");
            own.make(new JobOpened(job, "A job", ""), "bench");
            var journal = workshop.job(job, clock);
            journal.make(new InCabin(new PartsListed(BodyParts.of(Body.SALOON, Side.RIGHT))), "bench");
            journal.make(new AtPattern(new PieceDrawn(piece)), "bench");
        }
        var isPainted = args.length > 0 && args[0].equals("painted");
        Smoothness.print(
                "an edit on %d corners %s".formatted(CORNERS, isPainted ? "painted" : "laid out"),
                Smoothness.inWindow(folder, window -> edit(window, piece, isPainted)));
    }

    private static double[] edit(WelumenWindow window, Piece piece, boolean isPainted) {
        var model = window.model();
        model.stageProperty().set(WorkStage.PATTERN);
        model.pickedProperty().set(piece.part());
        var times = new double[EDITS - WARM];
        for (var i = 0; i < EDITS; i++) {
            var start = System.nanoTime();
            // another allowance each time, since a line that was asked for is kept
            model.make(new AtPattern(new PieceDrawn(piece.withEdge(0, EdgeFinish.SEWN, 10 + i * 1e-3))));
            window.scene().getRoot().applyCss();
            window.scene().getRoot().layout();
            if (isPainted) window.scene().snapshot(null);
            if (i >= WARM) times[i - WARM] = (System.nanoTime() - start) / 1e6;
        }
        return times;
    }
}
