package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.handover.Stop;
import welumen.intake.FeatureLook;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.job.Job;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtSurvey;
import welumen.job.WorkStage;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;

/** Answers one can trust: as things stand now, and nothing done that nobody meant. */
class TrustWalkTest {
    private static final PartId PULL = new PartId("right-front-door-pull");
    private static final PartId CARD = new PartId("right-front-door-card");
    private static final PartId SHELL = new PartId("right-front-floor");

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

    private Job job() {
        return bench.ask(() -> bench.model().job());
    }

    private List<String> texts(String within) {
        return bench.ask(() -> bench.robot.lookup(within + " .label").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .toList());
    }

    @Test
    void aLineThatIsNotUnderstoodWholeChangesNothingAndKeepsWhatWasTyped() {
        bench.go(WorkStage.STRIP);
        bench.pick("left-kick-panel");
        var steps = job().strip().steps().size();
        bench.typeAndEnter("line", "gently, -3 screws, bag 40");
        assertThat(bench.text("wrong")).startsWith("Not understood: “gently” and “-3 screws”. Nothing was logged.");
        assertThat(job().strip().steps()).hasSize(steps);
        assertThat(bench.field("line")).isEqualTo("gently, -3 screws, bag 40");
        bench.type("line", "3 screws no. 6, bag 40, hooked at its front");
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.ENTER).release(KeyCode.CONTROL);
        bench.settle();
        assertThat(job().strip().steps()).hasSize(steps + 1);
        assertThat(job().strip().steps().getLast().note()).isEqualTo("hooked at its front");
        bench.typeAndEnter("line", "left rear carpet loose, right rear carpet off");
        assertThat(bench.text("wrong")).contains("two parts");
        assertThat(job().strip().steps()).hasSize(steps + 1);
    }

    @Test
    void whatWasBackInAndComesOffAgainIsOutAgain() {
        assertThat(job().stateOf(PULL)).isEqualTo(PartState.FITTED);
        bench.go(WorkStage.STRIP);
        bench.pick(PULL.value());
        assertThat(bench.answer()).startsWith("It is back in the car. Two screws");
        bench.typeAndEnter("line", "2 screws 1/4\", bag 41");
        assertThat(job().stateOf(PULL)).as("out, its work done").isEqualTo(PartState.READY);
        bench.pick(CARD.value());
        bench.typeAndEnter("line", "13 clips, 1 clip broken, 2 screws no. 6, bag 42, off");
        assertThat(job().signOff().stillOut()).contains(PULL, CARD);
        assertThat(job().stops())
                .anySatisfy(stop -> assertThat(stop)
                        .isInstanceOfSatisfying(
                                Stop.StillOut.class,
                                out -> assertThat(out.parts()).contains(PULL, CARD)));
        bench.go(WorkStage.REFIT);
        bench.pick(PULL.value());
        assertThat(bench.field("count")).as("its places are not doubled").isEqualTo("2 screws 1/4\"");
    }

    @Test
    void aSeatOfACarWithAirbagsIsNotSewnBeforeSomebodyQualifiedHasAnswered() {
        bench.ask(() -> bench.model()
                .make(new AtIntake(new FeatureLookedAt(new FeatureLook(FeatureLook.AIRBAGS, true, "the lamp")))));
        bench.go(WorkStage.SURVEY);
        bench.pick("left-front-seat");
        bench.click("leaf-what-to-do");
        assertThat(texts("#guard")).anyMatch(text -> text.startsWith("Nothing is sewn, glued, filled"));
        assertThat(bench.robot.lookup("#choose-recover").tryQuery()).isEmpty();
        bench.click("may-be-worked");
        assertThat(bench.text("guard-wrong")).contains("by name");
        bench.type("qualified-by", "Ms Teal, airbag fitter");
        bench.click("may-be-worked");
        assertThat(bench.robot.lookup("#choose-recover").tryQuery()).isPresent();
        assertThat(texts("#guard")).anyMatch(text -> text.startsWith("Ms Teal, airbag fitter has said"));
    }

    @Test
    void rustUnderFittedTrimFreezesWhatLiesOverItAndListsWhatMustComeOffAgain() {
        bench.ask(() -> bench.model()
                .make(new AtSurvey(new FindingMade(new Finding(
                        bench.model().job().survey().nextFinding(),
                        SHELL,
                        FindingKind.RUST_THROUGH,
                        new Point(200, 200),
                        40,
                        Severity.BAD,
                        "near the runner's bolt")))));
        var over = job().frozen().keySet();
        assertThat(over).contains(new PartId("right-front-carpet"), new PartId("right-front-underlay"));
        over.forEach(part -> assertThat(job().stateOf(part)).isEqualTo(PartState.HELD));
        bench.go(WorkStage.SURVEY);
        bench.pick(SHELL.value());
        bench.click("leaf-what-is-found");
        assertThat(texts("#reopening"))
                .anyMatch(text -> text.startsWith("To get at it, "))
                .anyMatch(text -> text.contains("right front underlay; lost with it: the bond of its glue"));
        bench.go(WorkStage.REFIT);
        bench.pick("right-front-carpet");
        assertThat(bench.answer())
                .isEqualTo("It must come off again: it lies over the right front floor, rust through.");
    }
}
