package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.handover.SafetyCheck;
import welumen.handover.Stop;
import welumen.job.WorkStage;

/** The last days of a car here: what is overdue, what stops it, who checked the seat, the papers that go with it. */
class HandoverWalkTest {
    @TempDir
    private Path home;

    @Test
    void theCarGoesHomeOnlyWithNothingAgainstIt() throws Exception {
        try (var bench = Workbench.open(home)) {
            sendAway(bench);
            checkTheSeat(bench);
            nobodySignsWhileSomethingStopsIt(bench);
            thePapersSayWhatCameOff(bench);
        }
    }

    /** A part that somebody has too long is called out in the diary, and stops the car. */
    private static void sendAway(Workbench bench) {
        bench.go(WorkStage.STRIP);
        bench.pick("console");
        bench.typeAndEnter("line", "at the platers until 2026-04-16");
        bench.pass(Duration.ofDays(4));
        bench.go(WorkStage.DIARY);
        assertThat(bench.ask(
                        () -> bench.robot.lookup("#overdue-console").tryQuery().isPresent()))
                .isTrue();
        bench.go(WorkStage.HANDOVER);
        assertThat(bench.ask(() -> bench.model().job().stops())).anyMatch(Stop.Elsewhere.class::isInstance);
    }

    /** Nothing that holds lives is checked in nobody's name. */
    private static void checkTheSeat(Workbench bench) {
        var check = new SafetyCheck(new PartId("left-front-seat"), SafetyCheck.What.TORQUE);
        bench.click("check-left-front-seat");
        assertThat(bench.text("printed")).contains("nobody's name");
        bench.type("checked-by", "Ada, fitter");
        bench.click("check-left-front-seat");
        assertThat(bench.ask(() -> bench.model().job().handover().checked())).containsEntry(check, "Ada, fitter");
    }

    private static void nobodySignsWhileSomethingStopsIt(Workbench bench) {
        bench.typeAndEnter("signed-by", "the customer");
        assertThat(bench.text("printed")).contains("cannot be signed for yet");
        assertThat(bench.ask(() -> bench.model().job().handover().signedBy())).isEmpty();
        assertThat(bench.answer()).startsWith("Not yet:");
    }

    private static void thePapersSayWhatCameOff(Workbench bench) throws Exception {
        bench.click("print-removed");
        bench.click("print-note");
        bench.click("print-log");
        assertThat(text(bench, "what came off")).contains("Console: at the platers", "Ada, fitter", "Signature");
        assertThat(text(bench, "note in the car")).contains("To whoever takes this apart next", "under the door seal");
    }

    private static String text(Workbench bench, String name) throws Exception {
        List<Path> found;
        try (var files = Files.walk(bench.folder())) {
            found = files.filter(file -> file.getFileName().toString().contains(name))
                    .toList();
        }
        assertThat(found).hasSize(1);
        try (var pdf = Loader.loadPDF(found.getFirst().toFile())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }
}
