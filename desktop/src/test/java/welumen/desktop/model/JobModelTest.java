package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.desktop.DemoCopy;
import welumen.desktop.NoPaper;
import welumen.evidence.Camera;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtSurvey;
import welumen.journal.StoreException;
import welumen.pattern.EdgeFinish;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.standins.camera.CameraStandin;
import welumen.standins.demo.DemoDay;
import welumen.survey.SurveyChange.HoldPut;

/** What the views see, without a window and without a toolkit. */
class JobModelTest {
    private static final PartId DASH = new PartId("dash");
    private final Clock clock = Clock.fixed(DemoDay.start(DemoDay.USUAL), DemoDay.ZONE);
    private final Camera camera = mock(Camera.class);

    @TempDir
    Path home;

    private OpenedWorkshop workshop;
    private JobModel model;

    @BeforeEach
    void open() {
        workshop = OpenedWorkshop.open(DemoCopy.into(home), clock);
        model = new JobModel(
                workshop,
                "Ada",
                new Devices(camera, (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new NoPaper()));
    }

    @AfterEach
    void close() {
        workshop.folder().close();
    }

    @Test
    void beginsWithThePartOfTheNewestStep() {
        assertThat(model.picked().orElseThrow().name()).isEqualTo("left sill cover");
        assertThat(model.saidProperty().get()).isEqualTo("Loosened: Left sill cover");
        assertThat(model.today()).isEqualTo(DemoDay.USUAL);
    }

    @Test
    void aChangeIsShownSaidAndTakenBack() {
        assertThat(model.make(new AtSurvey(new HoldPut(DASH, "damp")))).isTrue();
        assertThat(model.job().survey().isHeld(DASH)).isTrue();
        assertThat(model.saidProperty().get()).isEqualTo("Held: dash, damp");
        model.takeBack();
        assertThat(model.job().survey().isHeld(DASH)).isFalse();
        assertThat(model.canPutBack()).isTrue();
        model.putBack();
        assertThat(model.job().survey().isHeld(DASH)).isTrue();
        assertThat(model.log().getLast().author()).isEqualTo("Ada");
    }

    @Test
    void aChangeThatCannotFollowIsSaidAsTroubleAndChangesNothing() {
        var before = model.job();
        assertThat(model.make(new AtPattern(new EdgeFinished("no-such-piece", 0, EdgeFinish.HEM, 20))))
                .isFalse();
        assertThat(model.job()).isEqualTo(before);
        assertThat(model.troubleProperty().get()).contains("no-such-piece");
        model.forgetTrouble();
        assertThat(model.troubleProperty().get()).isEmpty();
    }

    @Test
    void aPhotoIsKeptAndAPictureThatIsNoneIsRefusedByName() {
        var dash = model.job().cabin().one(DASH);
        when(camera.shoot(any())).thenReturn(new CameraStandin().shoot("dash"));
        var hash = model.photos().take(dash).orElseThrow();
        verify(camera).shoot("dash");
        assertThat(model.photos().file(hash)).exists();
        when(camera.shoot(any())).thenReturn(new byte[] {1, 2, 3});
        assertThat(model.photos().take(dash)).isEmpty();
        assertThat(model.troubleProperty().get()).contains("dash.png");
    }

    @Test
    void anotherJobHasItsOwnLog() {
        model.open(model.yard().state().garage().all().get(DemoCopy.EMPTY_JOB));
        assertThat(model.job().cabin().parts()).isEmpty();
        assertThat(model.picked()).isEmpty();
        assertThat(model.log()).isEqualTo(List.of());
        model.takeBack();
        assertThat(model.troubleProperty().get()).isEmpty();
    }

    @Test
    void theLogIsPrintedOrItIsSaidWhyNot() throws IOException {
        var file = model.papers().log().orElseThrow();
        assertThat(file.getFileName()).hasToString("1963 Varrow Selkie saloon 2026-04-14.pdf");
        assertThat(file).isNotEmptyFile();
        Files.delete(file);
        Files.delete(file.getParent());
        Files.writeString(file.getParent(), "in the way");
        assertThat(model.papers().log()).isEmpty();
        assertThat(model.troubleProperty().get()).contains("could not be printed");
    }

    @Test
    void aWorkshopWithoutAJobSaysHowToBegin() {
        WorkshopFolder.open(home.resolve("empty")).close();
        assertThatThrownBy(() -> OpenedWorkshop.open(home.resolve("empty"), clock))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("welumen demo");
        WorkshopFolder.open(home.resolve("empty")).close(); // it was let go again
    }
}
