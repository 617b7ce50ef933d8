package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.finish.coat.Binder;
import welumen.finish.coat.Cause;
import welumen.finish.coat.CoatStep.Kind;
import welumen.finish.coat.Ground;
import welumen.finish.mask.Edge;
import welumen.finish.reading.Reading;
import welumen.finish.underway.Coating;
import welumen.finish.underway.Flaw;
import welumen.job.WorkStage;
import welumen.standins.demo.DemoWorkshop;

/** The finish bench: colours, a mix put right by its patch, a card that is judged dry, coats ticked off, what is masked. */
class FinishWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;
    private FinishSteps at;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        at = new FinishSteps(bench);
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    /** The faded cushion is found before anything is ordered; another reading is typed, one is read by the reader. */
    @Test
    void theOddOneOutIsFoundBeforeAnythingIsOrdered() {
        at.leaf("colour");
        assertThat(bench.text("colour-answer")).contains("rear cushion, faded stands out from the seats");
        bench.typeAndEnter("reading", "lot roll 3 53.0 -8.1 12.0, gloss 28");
        assertThat(at.book().readings().all().getLast().of()).isEqualTo(Reading.Of.LOT);
        bench.typeAndEnter("reading", "as green as grass");
        assertThat(bench.text("reading-wrong")).contains("Type L*, a* and b*");
        bench.type("reading", "sample sage card C");
        bench.click("hold-reader");
        var held = at.book().readings().all().getLast();
        assertThat(held.what()).isEqualTo("sage card C");
        assertThat(held.reflectance()).isPresent();
    }

    /** A tint of one's own is measured at the yard, with its let-down, before anything can be mixed of it. */
    @Test
    void aTintIsMeasured() {
        bench.yard();
        bench.click("leaf-tints");
        bench.click("another-tint");
        bench.type("tint-name", "bottle green");
        bench.type("tint-into", "white");
        bench.click("read-film");
        bench.click("read-let-down");
        var tint = bench.ask(() -> bench.model()
                .yard()
                .state()
                .goods()
                .tints()
                .findOne("bottle green")
                .orElseThrow());
        assertThat(tint.letDown()).hasSize(31);
        assertThat(tint.share()).isEqualTo(0.1);
        assertThat(tint.letDown().get(20)).isGreaterThan(tint.shares().get(20));
        bench.typeAndEnter("tint-into", "mauve");
        assertThat(bench.text("wrong-tint")).contains("which is no tint here");
    }

    /** Mixed, kept, its patch read: what is added is said, nothing is taken out, and the card goes on paper. */
    @Test
    void aMixIsPutRightByItsPatch() throws Exception {
        at.leaf("mix");
        bench.click("mix");
        bench.until(() -> bench.text("mix-answer").contains("expected to lie"));
        at.settled();
        bench.click("keep-recipe");
        var white = white();
        bench.click("weighed-out");
        assertThat(white()).as("it is off the shelf").isLessThan(white - 20);
        assertThat(bench.text("mix-answer")).as("and the mix still stands").contains("expected to lie");
        var first = at.book().recipes().getFirst();
        assertThat(first.grams().size()).isBetween(2, 4);
        assertThat(first.whole()).isBetween(345.0, 347.0);
        bench.typeAndEnter("patch-recipe-1", "51.0 -7.5 10.0");
        bench.until(() -> bench.texts("#mixed .label").stream().anyMatch(words -> words.startsWith("add ")));
        at.settled();
        bench.click("keep-recipe");
        var then = at.book().recipes().getFirst();
        assertThat(then.id()).isEqualTo(first.id());
        first.grams()
                .forEach((tint, grams) -> assertThat(then.grams().get(tint)).isGreaterThanOrEqualTo(grams - 1e-9));
        assertThat(at.book().readings().find(then.patch())).isPresent();
        bench.robot.clickOn("Recipe card");
        bench.until(() -> bench.text("mix-saved").endsWith(".pdf"));
        assertThat(Files.size(Path.of(bench.text("mix-saved").substring("Saved to ".length()))))
                .isPositive();
    }

    /** A recipe is found again from another car, and mixed there for as much as that wants. */
    @Test
    void aRecipeIsFoundAgainYearsLater() {
        at.leaf("mix");
        bench.click("mix");
        bench.until(() -> bench.text("mix-answer").contains("expected to lie"));
        at.settled();
        bench.click("keep-recipe");
        var first = at.book().recipes().getFirst();
        at.van();
        at.leaf("mix");
        bench.type("mix-area", "0.2");
        bench.click("again-%s-recipe-1".formatted(DemoWorkshop.SELKIE));
        var again = at.book().recipes().getFirst();
        assertThat(again.whole()).isCloseTo(0.2 * 3 * 120 * 1.2, within(1.0));
        first.grams()
                .forEach((tint, grams) -> assertThat(again.grams().get(tint) / again.whole())
                        .isCloseTo(grams / first.whole(), within(1e-9)));
        assertThat(at.book().readings().find(again.target())).isPresent();
        bench.typeAndEnter("patch-recipe-1", "51.0 -7.5 10.0");
        bench.until(() -> bench.text("mix-answer").contains("expected to lie"));
    }

    private double white() {
        return bench.ask(() -> bench.model()
                .yard()
                .state()
                .goods()
                .tints()
                .findOne("white")
                .orElseThrow()
                .grams());
    }

    /** Sprayed at noon, read dry at six: it misses, and no load is sprayed that evening. The next one is accepted. */
    @Test
    void aCardThatMissesHoldsTheLoads() {
        at.leaf("cards");
        bench.pick("left-front-seat");
        bench.type("set-up", "satin lacquer");
        bench.click("set-up-wanted");
        assertThat(bench.field("set-up")).as("as the seats read").matches("satin lacquer, wanted (29|30|31)");
        at.van();
        at.leaf("cards");
        bench.typeAndEnter("set-up", "satin lacquer, lot L 3, 200 mm, 3 passes, wanted 30");
        assertThat(bench.text("card-answer")).startsWith("The card is not dry yet.");
        assertThat(bench.ask(() -> bench.model().yard().state().clocks().on(DemoWorkshop.DRUMLIN)))
                .as("its clock runs on the rail")
                .isNotEmpty();
        bench.type("read-card-1", "3");
        bench.pass(Duration.ofHours(6));
        assertThat(bench.field("read-card-1"))
                .as("what is half typed stays where a clock runs out")
                .isEqualTo("3");
        bench.type("read-card-1", "");
        bench.robot.type(KeyCode.BACK_SPACE);
        bench.pass(Duration.ofSeconds(1));
        assertThat(bench.text("card-answer"))
                .as("it says so by itself")
                .startsWith("The card is dry and nobody has read it.");
        bench.typeAndEnter("read-card-1", "38 46");
        assertThat(bench.text("card-answer")).startsWith("It reads 38 where 30 is wanted, its corners 46.");
        assertThat(bench.texts("#card-card-1 .label"))
                .contains("On corners and returns 2 passes fewer: 1 in place of 3.");
        bench.type("again-hours", "1");
        bench.click("again");
        assertThat(bench.texts("#card-card-1 .label")).contains("It cost 1 h, 1 day, 0.5 tins: wrong sheen.");
        bench.click("leaf-loads");
        assertThat(bench.text("loads-answer"))
                .as("the new date at once")
                .startsWith("28 pieces, 4 loads: ready on Fri 24 Apr at 10:30")
                .contains("Held by its card");
        bench.click("hang-1");
        assertThat(bench.ask(
                        () -> bench.robot.lookup("#sprayed-1").<Node>query().isDisabled()))
                .isTrue();

        bench.click("leaf-cards");
        bench.typeAndEnter("set-up", "satin lacquer, lot L 3, 220 mm, 3 passes, wanted 30");
        bench.pass(Duration.ofHours(6));
        bench.typeAndEnter("read-card-2", "31 33");
        bench.click("accept-card-2");
        bench.click("leaf-loads");
        assertThat(bench.text("loads-answer")).doesNotContain("Held by its card");
    }

    /** What bends is not coated with what cracks; a hide is mended from where it failed. */
    @Test
    void theStepsOfACoatAreSaid() {
        at.leaf("coats");
        bench.pick("left-front-seat");
        assertThat(bench.text("coats-answer")).contains("on leather: it can be handled after");
        assertThat(bench.texts("#coat-steps .label")).anyMatch(words -> words.contains("silicone and grease"));
        bench.choose("coat-binder", Binder.TWO_PACK);
        assertThat(bench.text("coats-answer")).startsWith("Leather bends, and two-pack does not bend with it");
        bench.typeAndEnter("flaw-depth", "1.2");
        assertThat(bench.texts("#mend-steps .label")).anyMatch(words -> words.contains("thin layer 3 of 3"));
        bench.choose("mend-failed", Optional.of(Cause.WRONG_COLOUR));
        assertThat(bench.texts("#mend-steps .label"))
                .contains(
                        "Wrong colour: it was judged wet, or alone. It costs 1.0 days, as it has cost before: one goes back to here.")
                .noneMatch(words -> words.contains("thin layer"));
    }

    /** Ticked off step by step; a dent is mended before the colour, what comes too late is flatted back, what fails goes back. */
    @Test
    void aSurfaceGoesThroughItsCoats() {
        at.leaf("coats");
        bench.pick("dash-top-pad");
        bench.choose("coat-ground", Ground.HARD_PLASTIC);
        bench.choose("coat-binder", Binder.ACRYLIC);
        bench.click("begin-coats");
        assertThat(bench.text("coats-begun")).contains("is under way");
        bench.click("leaf-under-way");
        var id = "surface-1";
        while (step() != Kind.LOOK) tick();
        bench.robot.clickOn(bench.robot.lookup("#flaw-felt").<Node>query());
        assertThat(surface(id).openFlaws())
                .singleElement()
                .satisfies(flaw -> assertThat(flaw.kind()).isEqualTo(Flaw.Kind.DENT));
        assertThat(isDisabled("step-done")).isTrue();
        bench.click("mended-1");
        while (step() != Kind.COLOUR) tick();
        tick();
        assertThat(bench.text("underway-answer")).contains("not before").contains("look again under raking light");
        bench.click("step-done");
        assertThat(bench.text("underway-wrong")).contains("press again if it was dry all the same");
        tick();
        bench.pass(Duration.ofHours(6));
        assertThat(isDisabled("step-done")).as("the window is over").isTrue();
        bench.click("flatted-back");
        while (step() != Kind.TRY) {
            tick();
            bench.pass(Duration.ofMinutes(30));
        }
        bench.click("rub-well");
        bench.click("wet-failed");
        assertThat(bench.texts("#next-step .label")).contains("Wet failed: say why, and go back to it.");
        bench.type("again-days", "3");
        bench.click("again");
        assertThat(step()).isEqualTo(Kind.DEGREASE);
        assertThat(at.book().coatings().gone())
                .singleElement()
                .satisfies(gone -> assertThat(gone.days()).isEqualTo(3));
    }

    private Coating surface(String id) {
        return at.book().coatings().find(id).orElseThrow();
    }

    private Kind step() {
        return surface("surface-1").next().orElseThrow().kind();
    }

    private boolean isDisabled(String id) {
        return bench.ask(() -> bench.robot.lookup("#" + id).<Node>query().isDisabled());
    }

    /** Pressed again where it is asked, since the walk does not wait for it to dry. */
    private void tick() {
        var done = surface("surface-1").done().size();
        bench.click("step-done");
        if (surface("surface-1").done().size() == done) bench.click("step-done");
    }

    /** What lies at the edge is guessed, put right, and taken: its film is on the list of Stores. */
    @Test
    void whatStaysIsMaskedOrTakenOff() {
        at.leaf("mask");
        bench.pick("left-front-door-card");
        assertThat(bench.text("mask-answer")).startsWith("Beside the left front door card");
        bench.click("take-edges");
        assertThat(at.book().edges().all()).isNotEmpty();
        var edge = at.book().edges().all().getFirst();
        bench.click("mask-" + edge.beside());
        bench.typeAndEnter("edge-m-" + edge.beside(), "4");
        assertThat(at.book().edges().all().stream().mapToDouble(Edge::filmM).sum())
                .isGreaterThanOrEqualTo(4.4);
        bench.typeAndEnter("edge-m-" + edge.beside(), "round it");
        assertThat(bench.text("mask-wrong")).contains("is not a number");
        bench.go(WorkStage.STORES);
        assertThat(bench.texts("#needs .label")).contains("Masking film");
    }

    /** A press on the card, one on the colour: it is read, says how rough it is, and is kept so. */
    @Test
    void aPhotoUnderAGreyCardIsRead() {
        at.leaf("photo");
        bench.pick("left-front-seat");
        bench.click("take-grey-card");
        bench.until(() -> bench.text("photo-answer").equals("Press on the grey card."));
        press(0.11, 0.11);
        assertThat(bench.text("photo-answer")).isEqualTo("Now press on the colour.");
        press(0.5, 0.5);
        assertThat(bench.text("photo-answer")).startsWith("About L*").contains("it may be");
        bench.pick("right-front-seat");
        assertThat(bench.text("photo-answer"))
                .as("it was a photo of another part")
                .doesNotContain("About L*");
        bench.pick("left-front-seat");
        bench.click("take-grey-card");
        bench.until(() -> bench.text("photo-answer").equals("Press on the grey card."));
        press(0.11, 0.11);
        press(0.5, 0.5);
        bench.click("keep-photo-reading");
        var read = at.book().readings().all().getLast();
        assertThat(read.how()).isEqualTo(Reading.How.PHOTO);
        assertThat(read.off()).isGreaterThanOrEqualTo(4);
        assertThat(read.lab().l()).isBetween(35.0, 60.0);
    }

    private void press(double right, double down) {
        var photo = bench.ask(() -> bench.robot.lookup("#grey-card-photo").<Node>query());
        var image =
                bench.ask(() -> bench.robot.from(photo).lookup(".image-view").<Node>query());
        bench.robot.clickOn(bench.ask(() -> {
            var box = image.localToScreen(image.getLayoutBounds());
            return new Point2D(box.getMinX() + right * box.getWidth(), box.getMinY() + down * box.getHeight());
        }));
    }

    /** A mix keeps the car here until it is said what is kept of it for repairs. */
    @Test
    void aTouchUpGoesHomeWithTheCar() {
        at.leaf("mix");
        bench.click("mix");
        bench.until(() -> bench.text("mix-answer").contains("expected to lie"));
        at.settled();
        bench.click("keep-recipe");
        bench.go(WorkStage.HANDOVER);
        bench.typeAndEnter("kept-recipe-1", "some of it");
        assertThat(bench.text("printed")).contains("Type it as 30 g");
        bench.typeAndEnter("kept-recipe-1", "30 g, bottle in the boot");
        assertThat(at.book().touchUps())
                .singleElement()
                .satisfies(kept -> assertThat(kept.grams()).isEqualTo(30));
    }
}
