package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.Moment;
import welumen.evidence.PartPhoto;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.job.Job;
import welumen.job.JobChange.InAlbum;
import welumen.job.WorkStage;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.survey.Station;
import welumen.treatment.Treatment;

/** The second job, from what was found to a plan that the customer is asked about. */
class SurveyWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void openTheSecondJob() {
        bench = Workbench.open(home);
        bench.ask(() -> {
            bench.model().open(bench.model().yard().state().garage().all().get(1));
            return null;
        });
        bench.pick("right-front-seat");
        bench.go(WorkStage.SURVEY);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    /** Twenty-five things were found; the plan stands at once, moves with money and standard, and is asked about. */
    @Test
    void fromWhatWasFoundToAPlanThatIsAskedAbout() throws Exception {
        assertThat(job().survey().findings()).hasSizeGreaterThanOrEqualTo(25);
        bench.click("leaf-the-whole-job");
        planned();
        assertThat(bench.text("plan-answer")).contains("no set is better");
        more("£9000");
        assertThat(bench.text("plan-changed"))
                .startsWith("Against the plan before: ")
                .contains(", since it ");
        bench.ask(() -> {
            bench.robot.lookup("#try-standard").<ComboBox<Standard>>query().setValue(Standard.TIDY_AND_CHEAP);
            return null;
        });
        bench.until(() -> !bench.robot
                .lookup("#plan-answer")
                .queryAs(Label.class)
                .getText()
                .startsWith("Weighing"));
        assertThat(bench.text("plan-changed")).startsWith("Against the plan before: ");
        more("£4200");
        bench.click("take-plan");
        assertThat(job().choices().chosen()).hasSize(26);
        bench.click("ask-customer");
        assertThat(job().brief().openApprovals())
                .singleElement()
                .satisfies(approval -> assertThat(approval.holds()).hasSize(26));
        assertThat(sheet()).contains("For your word", "Right front seat", "Yes to all");
    }

    /** What the trimmer chose himself stays in the plan; why the first is first, and what would turn it, is said. */
    @Test
    void onePartIsChosenByHand() {
        bench.click("leaf-what-to-do");
        assertThat(bench.text("why")).startsWith("First, since it ");
        assertThat(bench.text("turns")).contains("would be first if");
        bench.click("choose-let_in_panel");
        var chosen = job().choices().of(new PartId("right-front-seat")).orElseThrow();
        assertThat(chosen.treatments()).containsExactly(Treatment.LET_IN_PANEL, Treatment.RESTITCH);
        bench.click("leaf-the-whole-job");
        planned();
        assertThat(bench.ask(() -> bench.robot
                        .lookup("Right front seat, as you chose")
                        .tryQuery()
                        .isPresent()))
                .isTrue();
        bench.click("leaf-what-to-do");
        bench.click("done-let_in_panel");
        assertThat(bench.answer()).isEqualTo("Let in a panel, and restitch by the old holes: done.");
    }

    /** Once a way is chosen, what is broken beneath says how it is mended and how much goes into it. */
    @Test
    void aBrokenCarrierHasARecipe() {
        bench.pick("tailgate-trim");
        bench.click("leaf-what-to-do");
        bench.click("choose-repair_board");
        // its boss is 25 mm: a plate three times as wide, bedded 0.8 mm deep, a quarter more for loss
        assertThat(bench.ask(() -> bench.robot.lookup(".label").queryAllAs(Label.class).stream()
                        .anyMatch(
                                label -> label.getText().contains("a plate 75 mm by 75 mm of 2 mm, 5.6 ml of epoxy"))))
                .isTrue();
    }

    /** By keyboard alone: the cross is moved, a line drawn with the space bar, and what lies beneath is looked at. */
    @Test
    void aFindIsDrawnAndWhatLiesBeneathIsLookedAt() {
        bench.pick("left-front-carpet");
        bench.ask(() -> {
            bench.robot.lookup("#kind").<ComboBox<FindingKind>>query().setValue(FindingKind.BROKEN_SEAM);
            bench.robot.lookup("#severity").<ComboBox<Severity>>query().setValue(Severity.BAD);
            return null;
        });
        bench.click("mark-line");
        bench.click("part-felt");
        for (var i = 0; i < 12; i++) bench.robot.type(KeyCode.RIGHT);
        bench.robot.type(KeyCode.SPACE);
        bench.settle();
        bench.typeAndEnter("finding-note", "at the tunnel");
        var finding = job().survey().on(new PartId("left-front-carpet")).getLast();
        assertThat(finding.mark()).isInstanceOf(Mark.Run.class);
        assertThat(finding.sizeMm()).isBetween(100.0, 140.0);
        bench.click("beneath-left-front-underlay");
        bench.click("looked");
        assertThat(bench.answer()).isEqualTo("It is sound: nothing was found.");
        assertThat(job().survey().looked()).contains(new PartId("left-front-underlay"));
    }

    /** What aged alike is typed by its names; a plan treats it alike. */
    @Test
    void whatAgedAlikeIsTyped() {
        bench.pick("console");
        bench.typeAndEnter("aged-alike", "gear gaiter, nothing of the kind");
        assertThat(bench.text("survey-wrong")).contains("“nothing of the kind”");
        bench.typeAndEnter("aged-alike", "gear gaiter");
        assertThat(job().survey().patina())
                .contains(List.of(new PartId("console"), new PartId("gear-gaiter")))
                .hasSize(2);
    }

    /** On a photo instead of the outline: taken, clicked where it is, and kept with the find. */
    @Test
    void aFindIsMarkedOnItsPhoto() {
        bench.click("finding-photo");
        bench.until(() -> bench.robot.lookup("#finding-on-photo").tryQuery().isPresent());
        bench.click("finding-on-photo");
        bench.typeAndEnter("finding-note", "seen from the door");
        var finding = job().survey().on(new PartId("right-front-seat")).getLast();
        assertThat(finding.mark()).isInstanceOf(Mark.OnPhoto.class);
        assertThat(finding.photos()).hasSize(1);
        assertThat(bench.ask(
                        () -> bench.robot.lookup("#finding-on-photo").tryQuery().isPresent()))
                .as("the photo stays, with what is marked on it")
                .isTrue();
        bench.click("look-at-" + finding.number());
        bench.until(() -> bench.robot.lookup(".photo-mark").tryQuery().isPresent());
        bench.click("mark-point");
        assertThat(bench.ask(
                        () -> bench.robot.lookup("#finding-on-photo").tryQuery().isPresent()))
                .isFalse();
    }

    /** A find's photo that is looked at takes the next mark, and not the newest; by the keys as by the pen. */
    @Test
    void theNextFindIsMarkedOnThePhotoThatIsLookedAt() {
        var first = onANewPhoto("seen from the door");
        var newest = aNewerPhoto();
        bench.robot.clickOn(bench.robot.offset("#finding-on-photo", -30, -30));
        bench.choose("kind", FindingKind.DEEP_CRACK);
        bench.typeAndEnter("finding-note", "seen from above");
        assertThat(((Mark.OnPhoto) lastFinding(0).mark()).photo()).isEqualTo(newest);
        bench.click("look-at-" + lastFinding(1).number());
        bench.until(() -> bench.robot.lookup(".photo-mark").tryQuery().isPresent());
        bench.robot.interact(
                () -> bench.robot.lookup("#finding-on-photo").query().requestFocus());
        bench.robot.type(KeyCode.RIGHT, 3).type(KeyCode.UP).type(KeyCode.ENTER);
        bench.choose("kind", FindingKind.BROKEN_SEAM);
        bench.typeAndEnter("finding-note", "beside it");
        var third = (Mark.OnPhoto) lastFinding(0).mark();
        assertThat(third.photo()).isEqualTo(first.photo());
        assertThat(third.share().x()).isCloseTo(0.56, within(1e-6));
        assertThat(third.share().y()).isCloseTo(0.48, within(1e-6));
    }

    private Mark.OnPhoto onANewPhoto(String note) {
        bench.click("finding-photo");
        bench.until(() -> bench.robot.lookup("#finding-on-photo").tryQuery().isPresent());
        bench.robot.clickOn(
                bench.robot.offset("#finding-on-photo", -20, 30 * job().survey().nextFinding() % 90));
        bench.typeAndEnter("finding-note", note);
        return (Mark.OnPhoto) lastFinding(0).mark();
    }

    /** The camera shows one subject always alike, so another stands before it. */
    private String aNewerPhoto() {
        return bench.ask(() -> {
            var photo = bench.model()
                    .photos()
                    .take(job().cabin().findOne(new PartId("console")).orElseThrow())
                    .orElseThrow();
            var seat = new PartId("right-front-seat");
            bench.model()
                    .make(new InAlbum(new PhotoKept(new PartPhoto(
                            seat,
                            photo,
                            Moment.BEFORE,
                            bench.model().nowProperty().get()))));
            return photo;
        });
    }

    private Finding lastFinding(int before) {
        var all = job().survey().on(new PartId("right-front-seat"));
        return all.get(all.size() - 1 - before);
    }

    /** Where good trimmers differ, the job follows one way, and is reckoned so from then on. */
    @Test
    void twoWaysStandSideBySide() {
        bench.click("leaf-two-ways");
        assertThat(bench.text("two-ways-answer")).contains("It is asked of", "it turns on");
        bench.ask(() -> {
            bench.robot
                    .lookup("#question-of-schools")
                    .<ComboBox<Question>>query()
                    .setValue(Question.HARD_PARTS);
            return null;
        });
        bench.settle();
        bench.click("follow-masked");
        assertThat(job().brief().schools()).containsEntry(Question.HARD_PARTS, School.MASKED);
        assertThat(bench.ask(
                        () -> bench.robot.lookup("This job’s way").tryQuery().isPresent()))
                .isTrue();
    }

    @Test
    void aBoughtCarpetIsMeasured() {
        bench.pick("right-front-carpet");
        bench.click("leaf-buy-or-make");
        assertThat(bench.text("fit-answer"))
                .isEqualTo("It cannot be trimmed to fit: too short at sill, rear and at seat rail.");
        bench.typeAndEnter("stations", "sill 6");
        assertThat(bench.text("fit-wrong")).contains("“sill 6” is no measure");
        for (var measure : List.of("tunnel over 12", "seat rail over 1")) bench.typeAndEnter("stations", measure);
        bench.click("strike-sill-rear");
        assertThat(job().survey().measured().get(new PartId("right-front-carpet")))
                .as("in place of what was measured there before")
                .contains(new Station("tunnel", 12, 0), new Station("seat rail", 1, 0));
        assertThat(bench.text("fit-answer")).startsWith("It fits once it is trimmed at");
    }

    private void more(String budget) {
        bench.typeAndEnter("try-budget", budget);
        planned();
    }

    private void planned() {
        bench.until(() -> bench.robot
                .lookup("#plan-answer")
                .queryAs(Label.class)
                .getText()
                .contains("as wanted"));
    }

    private Job job() {
        return bench.ask(() -> bench.model().job());
    }

    private String sheet() throws Exception {
        List<Path> found;
        try (var files = Files.walk(bench.folder())) {
            found = files.filter(file -> file.getFileName().toString().contains("for your word"))
                    .toList();
        }
        try (var pdf = Loader.loadPDF(found.getFirst().toFile())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }
}
