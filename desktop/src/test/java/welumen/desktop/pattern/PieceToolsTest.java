package welumen.desktop.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.beans.property.SimpleObjectProperty;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import welumen.cabin.PartId;
import welumen.desktop.DemoCopy;
import welumen.desktop.NoPaper;
import welumen.desktop.model.Devices;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OpenedWorkshop;
import welumen.files.pattern.PatternDxf;
import welumen.files.pattern.PatternSvg;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.pattern.piece.Piece;
import welumen.standins.demo.DemoDay;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;

/** What a file chooser would have chosen. */
class PieceToolsTest {
    private static final PartId CARPET = new PartId("right-front-carpet");

    @TempDir
    private Path home;

    private OpenedWorkshop workshop;
    private JobModel model;
    private PieceTools tools;
    private volatile String wrong = "";
    private volatile String said = "";

    @BeforeEach
    void openTheFirstJob() throws Exception {
        FxToolkit.registerPrimaryStage();
        workshop = OpenedWorkshop.open(DemoCopy.into(home), Clock.fixed(DemoDay.start(DemoDay.USUAL), DemoDay.ZONE));
        tools = WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            model = new JobModel(
                    workshop,
                    "Ada",
                    new Devices(
                            _ -> new byte[0], (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new NoPaper()));
            model.pickedProperty().set(CARPET);
            return new PieceTools(model, new SimpleObjectProperty<>(), words -> wrong = words, words -> said = words);
        });
    }

    @AfterEach
    void close() {
        workshop.folder().close();
    }

    private void open(Path file) {
        said = "";
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> tools.open(file));
        try {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> !said.startsWith("Reading"));
        } catch (TimeoutException never) {
            throw new AssertionError("It was never read.", never);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    private List<Piece> carpet() {
        return model.job().patterns().of(CARPET);
    }

    /** A square drawn elsewhere is the picked part's; what Welumen wrote goes back where it came from. */
    @Test
    void drawingsOfBothKindsAreOpened() throws Exception {
        open(Files.writeString(
                home.resolve("square.SVG"),
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0,0 h100 v-60 H0 z'/></svg>"));
        assertThat(wrong).isEmpty();
        assertThat(carpet())
                .singleElement()
                .satisfies(piece -> assertThat(piece.net().area()).isEqualTo(6000));
        var seat = model.job().patterns().of(new PartId("left-front-seat"));
        open(Files.writeString(home.resolve("seat.dxf"), PatternDxf.write(seat)));
        open(Files.writeString(home.resolve("seat.svg"), PatternSvg.write(seat)));
        assertThat(model.job().patterns().of(new PartId("left-front-seat"))).hasSameSizeAs(seat);
        assertThat(carpet()).hasSize(1);
    }

    /** Both pieces of a file are one action. */
    @Test
    void aDrawingIsTakenBackWhole() throws Exception {
        open(
                Files.writeString(
                        home.resolve("two.svg"),
                        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0,0 h9 v-9 H0 z'/><path d='M20,0 h9 v-9 h-9 z'/></svg>"));
        assertThat(carpet()).hasSize(2);
        assertThat(said).isEqualTo("2 pieces read, the largest 9 mm by 9 mm.");
        WaitForAsyncUtils.waitForAsyncFx(10_000, model::takeBack);
        assertThat(carpet()).isEmpty();
    }

    @Test
    void whatIsNoDrawingIsSaidAndNothingIsDrawn() throws Exception {
        open(Files.writeString(home.resolve("bad.dxf"), "hello\nworld"));
        assertThat(wrong).contains("bad.dxf").contains("no DXF drawing");
        open(home.resolve("gone.svg"));
        assertThat(wrong).contains("gone.svg");
        assertThat(carpet()).isEmpty();
    }

    /** Said on the window's thread, whatever the file is. */
    @Test
    void aPhotoThatIsNoneIsRefusedInWords() throws Exception {
        assertThat(traced(Files.writeString(home.resolve("notes.jpg"), "no photo")))
                .contains("cannot be read");
        assertThat(traced(home.resolve("gone.jpg"))).contains("gone.jpg");
        assertThat(traced(home)).contains("folder");
    }

    private String traced(Path file) throws Exception {
        var answer = new CompletableFuture<Parsed<Traced>>();
        model.traces().open(file, TraceOptions.USUAL, answer::complete);
        return answer.get(20, TimeUnit.SECONDS) instanceof Refused<Traced>(var why) ? why : "traced";
    }
}
