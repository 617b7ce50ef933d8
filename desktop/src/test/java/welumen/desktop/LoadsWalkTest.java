package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.finish.Batch;
import welumen.job.WorkStage;

/** The many small pieces: twenty-eight of them by Thursday at ten, from hook to screw. */
class LoadsWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;
    private FinishSteps at;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        at = new FinishSteps(bench);
        at.van();
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    /** Twenty-eight pieces by Thursday at ten: half a day late, what would make it fit is said; from hook to screw twenty-eight. */
    @Test
    void twentyEightPiecesByThursdayAtTen() {
        at.leaf("loads");
        assertThat(bench.text("loads-answer"))
                .startsWith("28 pieces, 4 loads: ready on Fri 24 Apr at 10:30, 24.5 h late.");
        bench.until(() -> !bench.texts("#remedies .label").isEmpty());
        assertThat(bench.texts("#remedies .label"))
                .contains(
                        "Leave out what nobody sees, and end 30 minutes sooner each time: Thu 23 Apr at 10:00, it fits");
        assertThat(bench.texts("#cans .label"))
                .anyMatch(words -> words.startsWith("8 cans of dark, by the sum 7.30; buy 9"));
        for (var load = 1; load <= 4; load++) {
            bench.click("hang-" + load);
            bench.click("sprayed-" + load);
        }
        assertThat(at.book().batch().count(Batch.Step.SPRAYED)).isEqualTo(28);
        for (var load = 1; load <= 4; load++) {
            bench.click("move-handled-" + load);
            bench.click("move-fitted-" + load);
        }
        assertThat(at.book().batch().count(Batch.Step.FITTED)).isEqualTo(28);
    }

    /** An airbag's cover goes in no load before somebody qualified has answered; a piece without a slot is named. */
    @Test
    void whatIsHeldGoesInNoLoad() {
        at.leaf("loads");
        bench.typeAndEnter("piece", "wheel boss, 0.02 m2, dark, airbag");
        assertThat(bench.text("loads-answer")).contains("One is held.");
        bench.click("piece-p29");
        assertThat(bench.text("loads-answer")).startsWith("29 pieces").doesNotContain("held");
        bench.typeAndEnter("piece", "a ring, until the cows come home");
        assertThat(bench.text("piece-wrong")).contains("is no day");
        bench.typeAndEnter("batch-due", "Fri 24 Apr 16:00");
        assertThat(bench.text("loads-answer")).contains("in time");
        bench.click("likely-pieces");
        assertThat(at.book().batch().pieces().size()).isGreaterThan(40);
    }

    /** On the day, a load is hung and sprayed from the page of today; spraying asks first whether all is so. */
    @Test
    void aLoadIsMovedOnFromToday() {
        at.leaf("cards");
        bench.typeAndEnter("set-up", "satin lacquer, wanted 30");
        bench.pass(Duration.ofHours(6));
        bench.typeAndEnter("read-card-1", "31 33");
        bench.click("accept-card-1");
        bench.pass(Duration.ofDays(6).minusHours(12));
        bench.go(WorkStage.DIARY);
        bench.click("leaf-today");
        bench.until(() -> !bench.robot.lookup("#load-prepare-load-1").queryAll().isEmpty());
        bench.click("load-prepare-load-1");
        assertThat(at.book().batch().count(Batch.Step.HUNG)).isEqualTo(9);
        bench.until(() -> !bench.robot.lookup("#load-spray-load-1").queryAll().isEmpty());
        at.settled(); // a plan that comes in draws the page anew
        bench.click("load-spray-load-1");
        for (var ready : List.of("card-dry", "nozzle", "masked", "not-cold", "air")) bench.click("ready-" + ready);
        bench.click("begin-spray-load-1");
        assertThat(at.book().batch().count(Batch.Step.SPRAYED)).isEqualTo(9);
    }

    /**
     * On Monday at noon the card is sprayed; at six it misses, so there is no load that evening, and the new date is told at once.
     * The next card is good: from there each load hangs, is sprayed and fitted, to the last screw.
     */
    @Test
    void fromMondayNoonToTheLastScrew() {
        bench.pass(Duration.ofDays(5).plusHours(21).plusMinutes(7)); // Monday at noon
        at.leaf("loads");
        assertThat(bench.text("loads-answer"))
                .startsWith("28 pieces, 4 loads: ready on Fri 24 Apr at 10:30, 24.5 h late.");
        bench.click("leaf-cards");
        bench.typeAndEnter("set-up", "satin lacquer, lot L 3, 200 mm, 3 passes, wanted 30");
        bench.pass(Duration.ofHours(6));
        bench.typeAndEnter("read-card-1", "38 46");
        bench.click("leaf-loads");
        assertThat(bench.text("loads-answer")).startsWith("28 pieces, 4 loads: ready on Sat 25 Apr at 10:30");
        bench.click("leaf-cards");
        bench.typeAndEnter("set-up", "satin lacquer, lot L 3, 220 mm, 3 passes, wanted 30");
        bench.pass(Duration.ofHours(6));
        bench.typeAndEnter("read-card-2", "31 33");
        bench.click("accept-card-2");
        bench.click("leaf-loads");
        for (var load = 1; load <= 4; load++) {
            bench.click("hang-" + load);
            bench.click("sprayed-" + load);
            bench.pass(Duration.ofHours(24));
            bench.click("move-handled-" + load);
            bench.click("move-fitted-" + load);
        }
        assertThat(bench.text("loads-answer")).isEqualTo("All 28 are fitted.");
        bench.go(WorkStage.HANDOVER);
        assertThat(bench.texts("#stops .label")).noneMatch(words -> words.contains("small piece"));
    }
}
