package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalTime;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.desktop.look.Styles;
import welumen.job.WorkStage;
import welumen.yard.Limits;
import welumen.yard.Tin;

/** What the premises allow, and what the shelf's sheets say, is typed at the yard, and the days keep to it. */
class PremisesWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    private void settled() {
        bench.until(() -> bench.robot.lookup("." + Styles.WORKING).queryAll().isEmpty());
    }

    private Limits limits() {
        return bench.ask(() -> bench.model().yard().state().crew().limits());
    }

    @Test
    void theColdIsSaidWhereItMatters() {
        bench.yard();
        bench.click("leaf-prices-and-ways");
        bench.typeAndEnter("limit-loud", "7 to 19:30");
        bench.typeAndEnter("limit-celsius", "8");
        assertThat(limits().loud().until()).isEqualTo(LocalTime.of(19, 30));
        assertThat(bench.text("limits-said")).contains("8 °C");
        bench.typeAndEnter("limit-shade", "in the evening");
        assertThat(bench.text("limits-wrong")).contains("no time of a week");
        assertThat(limits().shade()).isEqualTo(Limits.Daily.ALWAYS);

        bench.go(WorkStage.DIARY);
        bench.click("leaf-now");
        settled();
        assertThat(bench.texts("#now .label")).anyMatch(words -> words.startsWith("Not now: it is 8 °C here"));
    }

    @Test
    void aSheetIsTypedAsItStandsOnTheTin() {
        bench.yard();
        bench.click("leaf-tins");
        bench.typeAndEnter("tin-name", "seam sealer");
        bench.choose("tin-use", Tin.Use.SEALER);
        bench.typeAndEnter("tin-sheet", "flash 20 min, handle 9 h");
        var tin = bench.ask(() -> bench.model()
                .yard()
                .state()
                .goods()
                .tins()
                .findOne("seam sealer")
                .orElseThrow());
        assertThat(tin.use()).isEqualTo(Tin.Use.SEALER);
        assertThat(tin.cure().handle()).isEqualTo(Duration.ofHours(9));
        assertThat(tin.cure().wrapOver()).isEqualTo(Duration.ofHours(9));
    }

    @Test
    void thePlaceHasSlots() {
        bench.yard();
        bench.click("leaf-places");
        bench.typeAndEnter("place-name", "evening booth");
        bench.typeAndEnter("place-slots", "Mon to Thu 18 to 21");
        assertThat(bench.ask(() -> bench.model()
                        .yard()
                        .state()
                        .crew()
                        .places()
                        .findOne("evening booth")
                        .orElseThrow()
                        .slots()))
                .singleElement()
                .satisfies(slot -> assertThat(slot.until()).isEqualTo(LocalTime.of(21, 0)));
    }
}
