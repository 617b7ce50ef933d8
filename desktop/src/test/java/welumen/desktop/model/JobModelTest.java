package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.stock.Stock;
import welumen.desktop.DemoCopy;
import welumen.desktop.NoPaper;
import welumen.evidence.Camera;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.OnClock;
import welumen.job.WorkStage;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.piece.EdgeFinish;
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

    /** In the car that is open and wherever a car is asked what lies on it; taken back, it is called as before. */
    @Test
    void whatLiesOnAHideLiesThereWhenItIsCalledOtherwise() {
        assertThat(lyingOn("hide 1")).isPositive();
        var before = lyingOn("hide 1");
        model.screenProperty().set(Screen.YARD);
        assertThat(model.stock().called("hide 1", "the brown one")).isTrue();
        assertThat(lyingOn("the brown one")).isEqualTo(before);
        assertThat(lyingOn("hide 1")).isZero();
        assertThat(model.toCutFrom()).extracting(Stock::id).contains("the brown one");
        assertThat(model.stock().hangs("the brown one")).contains("are laid on it");
        model.takeBack();
        assertThat(lyingOn("hide 1")).isEqualTo(before);
    }

    private int lyingOn(String stock) {
        return model.job().table() instanceof Laid(var _, var plan)
                ? plan.on(stock).size()
                : 0;
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

    /** A yard without a car opens at its cars; what is done to a car that is not there is refused in words. */
    @Test
    void aYardWithoutACarOpensAtItsCars() {
        WorkshopFolder.open(home.resolve("empty")).close();
        var empty = OpenedWorkshop.open(home.resolve("empty"), clock);
        try (var _ = empty.folder()) {
            var none = new JobModel(
                    empty,
                    "Ada",
                    new Devices(camera, (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new NoPaper()));
            assertThat(none.screenProperty().get()).isEqualTo(Screen.CARS);
            assertThat(none.make(new AtSurvey(new HoldPut(DASH, "damp")))).isFalse();
            assertThat(none.troubleProperty().get()).contains("no car yet");
            assertThat(none.takeIn("A car", List.of())).isTrue();
            assertThat(none.openedProperty().get().title()).isEqualTo("A car");
        }
    }

    /** A car that cannot be read is named; one stays where one was, and nothing is written to either. */
    @Test
    void aCarThatCannotBeReadLeavesOneWhereOneWas() throws SQLException {
        var other = model.yard().state().garage().all().get(1);
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + home.resolve("demo/workshop.sqlite"));
                var statement = connection.prepareStatement("UPDATE entry SET body = '{' WHERE stream = ?")) {
            statement.setString(1, other.job().toString());
            statement.executeUpdate();
        }
        var before = model.job();
        assertThat(model.open(other)).isFalse();
        assertThat(model.troubleProperty().get()).contains("cannot be read").contains("still at the 1963");
        assertThat(model.job()).isSameAs(before);
        assertThat(model.openedProperty().get().title()).startsWith("1963");
        assertThat(model.make(new AtSurvey(new HoldPut(DASH, "damp")))).isTrue();
        assertThat(model.job().survey().isHeld(DASH)).isTrue();
    }

    /** One comes back to the stage, the part and the leaf where one was, also after a restart. */
    @Test
    void oneComesBackToWhereOneWasInEachCar() {
        var cars = model.yard().state().garage().all();
        model.stageProperty().set(WorkStage.PATTERN);
        model.pickedProperty().set(DASH);
        model.turnedLeaf(WorkStage.PATTERN, "Seams");
        model.open(cars.get(1));
        model.stageProperty().set(WorkStage.REFIT);
        model.open(cars.get(0));
        assertThat(model.stageProperty().get()).isEqualTo(WorkStage.PATTERN);
        assertThat(model.pickedProperty().get()).isEqualTo(DASH);
        assertThat(model.leaf(WorkStage.PATTERN)).contains("Seams");
        model.close();
        workshop.folder().close();
        workshop = OpenedWorkshop.open(home.resolve("demo"), clock);
        var again = new JobModel(
                workshop,
                "Ada",
                new Devices(camera, (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new NoPaper()));
        assertThat(again.pickedProperty().get()).isEqualTo(DASH);
        again.open(again.yard().state().garage().all().get(1));
        assertThat(again.stageProperty().get()).isEqualTo(WorkStage.REFIT);
    }

    /** Nobody is at two cars at once: beginning here ends it there, and taking back takes both back. */
    @Test
    void workBegunOnAnotherCarEndsHere() {
        var cars = model.yard().state().garage().all();
        model.workTime().startOrStop();
        model.open(cars.get(1));
        assertThat(model.others().workOf("Ada").orElseThrow().car()).isEqualTo(cars.getFirst());
        model.workTime().startOrStop();
        assertThat(model.job().work().runningFor("Ada")).isPresent();
        assertThat(model.others().workOf("Ada")).isEmpty();
        model.takeBack();
        assertThat(model.job().work().runningFor("Ada")).isEmpty();
        assertThat(model.others().workOf("Ada")).isPresent();
    }

    /** Clocks are the yard's: they run on while one looks at another car, and are put away from there. */
    @Test
    void clocksRunOnWhileOneLooksAtAnotherCar() {
        var clock = new BenchClock("x", "Boss, epoxy", "clamp off", DemoDay.start(DemoDay.USUAL), Duration.ofHours(1));
        model.make(new OnClock(new ClockStarted(clock)));
        assertThat(model.own().clocks().running()).isEmpty();
        assertThat(model.job().clocks().running()).contains(clock);
        model.open(model.yard().state().garage().all().get(1));
        assertThat(model.job().clocks().running()).doesNotContain(clock);
        assertThat(model.yard().state().clocks().running()).contains(clock);
        model.make(new OnClock(new ClockPutAway("x")));
        assertThat(model.yard().state().clocks().running()).doesNotContain(clock);
    }
}
