package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.WorkStage;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.HoldLifted;

/** The order of putting back: why it is so, what another would cost, and what to do with a circle. */
class RefitOrderWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    @Test
    void anOrderOfOnesOwnIsTestedAndDropped() {
        bench.go(WorkStage.REFIT);
        bench.pick("right-rear-carpet");
        bench.robot.clickOn("#order");
        bench.pick("right-rear-carpet");
        bench.robot.press(KeyCode.ALT).type(KeyCode.UP).release(KeyCode.ALT);
        bench.settle();
        assertThat(bench.text("verdict"))
                .isEqualTo(
                        "Your order breaks first at 1: the right rear underlay goes in before the right rear carpet, "
                                + "which laps it. Putting it right then costs about 40 min.");
        bench.click("own-order-dropped");
        assertThat(bench.text("verdict")).isEmpty();
    }

    @Test
    void itSaysWhyOnePartGoesFirst() {
        bench.pick("right-front-door-seal");
        bench.go(WorkStage.REFIT);
        bench.ask(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<PartId> other = bench.robot.lookup("#why-other").queryAs(ComboBox.class);
            other.setValue(new PartId("right-rear-carpet"));
            return null;
        });
        assertThat(bench.text("why"))
                .isEqualTo("The right rear carpet before the right sill cover, which laps it; "
                        + "then the right sill cover before the right front door seal, which laps it.");
        bench.click("left-first");
        assertThat(bench.ask(() -> bench.model().job().strip().bonds().firstSide()))
                .isEqualTo(Side.LEFT);
    }

    @Test
    void aCircleIsFittedLooseAndTightenedTogether() {
        bench.ask(() -> bench.model()
                .make(new AtStrip(new RefitLinkNoted(new RefitLink(
                        new PartId("right-front-door-seal"),
                        RefitReason.CANNOT_PASS_LATER,
                        new PartId("right-rear-carpet"))))));
        bench.go(WorkStage.REFIT);
        assertThat(bench.text("verdict")).contains("in a circle");
        bench.click("fit-loose");
        assertThat(bench.text("verdict")).isEmpty();
        assertThat(bench.ask(
                        () -> bench.robot.lookup(".list-cell").queryAllAs(javafx.scene.control.ListCell.class).stream()
                                .map(cell -> String.valueOf(cell.getText()))
                                .anyMatch(text -> text.contains("put it in loose"))))
                .isTrue();
    }

    /** What goes in is typed as it is; too much, nonsense and glue in place of a clip are called out where they are typed. */
    @Test
    void whatGoesInIsCountedAndWhatIsStrangeIsAskedAfter() {
        bench.ask(() -> bench.model().make(new AtSurvey(new HoldLifted(new PartId("right-rear-floor"), "the welder"))));
        bench.ask(() ->
                bench.model().make(new AtSurvey(new CauseCured(new PartId("right-rear-underlay"), "a blocked drain"))));
        bench.go(WorkStage.REFIT);
        for (var part : java.util.List.of("right-rear-underlay", "right-rear-carpet")) {
            bench.pick(part);
            bench.type("reason", "only to try how it lies");
            bench.click("put-back");
            assertThat(bench.ask(() -> bench.model().job().refit().isFitted(new PartId(part))))
                    .isTrue();
        }
        bench.pick("right-sill-cover");
        assertThat(bench.ask(() -> bench.robot
                        .lookup("#count")
                        .queryAs(javafx.scene.control.TextField.class)
                        .getText()))
                .isEqualTo("6 screws no. 8, 2 trim clips grey");
        bench.typeAndEnter("count", "60 screws");
        assertThat(wrong()).contains("more than its 8 places");
        bench.typeAndEnter("count", "all of them");
        assertThat(wrong()).contains("names no fixings");
        bench.typeAndEnter("count", "6 screws no. 8, 2 glue");
        assertThat(wrong()).startsWith("No glued edges held it before.");
        bench.typeAndEnter("reason", "clips not to be had");
        var back = bench.ask(() -> bench.model()
                .job()
                .refit()
                .findOne(new PartId("right-sill-cover"))
                .orElseThrow());
        assertThat(back.fixingsIn()).isEqualTo(8);
        assertThat(back.shortBecause()).isEqualTo("clips not to be had");
        bench.turnLeaf();
        assertThat(bench.text("fixings-answer")).contains("are back in");
    }

    private String wrong() {
        return bench.ask(() -> bench.robot.lookup(".danger").queryAllAs(javafx.scene.control.Label.class).stream()
                .map(javafx.scene.control.Label::getText)
                .filter(text -> text.startsWith("“") || text.startsWith("No "))
                .findFirst()
                .orElse(""));
    }
}
