package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.finish.Batch;
import welumen.finish.coat.CoatStep.Kind;
import welumen.finish.reading.Reading;
import welumen.finish.underway.Coating;

/** The finish bench of a workshop of one’s own, without a reader: by card and eye, from nothing to a car that may go home. */
class OwnFinishWalkTest {
    private static final Instant MONDAY = Instant.parse("2026-06-01T06:30:00Z");
    private static final PartId DASH = new PartId("dash");

    @TempDir
    private Path home;

    private Workbench bench;
    private FinishSteps at;

    @BeforeEach
    void knock() {
        bench = Workbench.atTheDoor(home, MONDAY).withoutReader();
        at = new FinishSteps(bench);
        bench.type("door-name", "Quayside Trim");
        bench.type("door-people", "Nele");
        bench.click("door-begin");
        bench.entered();
        bench.type("new-car", "Tarrow Finch");
        bench.type("new-year", "1968");
        bench.click("new-body-coupe");
        bench.click("take-in");
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private boolean isDisabled(String id) {
        return bench.ask(() -> bench.robot.lookup("#" + id).<Node>query().isDisabled());
    }

    /** What is read by card and eye says how far off it may be, and nobody is told a match that cannot be told. */
    @Test
    void colourByCardAndEyeSaysWhatItCosts() {
        at.leaf("colour");
        assertThat(bench.text("colour-answer")).startsWith("No colour is read yet");
        assertThat(isDisabled("hold-reader")).isTrue();
        bench.typeAndEnter("reading", "evidence under the shelf 41.5 4.8 19.2 by eye");
        bench.typeAndEnter("reading", "lot 7 42.6 5.4 20.1 by eye");
        assertThat(at.book().readings().all()).extracting(Reading::how).containsOnly(Reading.How.CARD);
        assertThat(bench.texts("#colour-sets .label"))
                .contains("As they were read it may be 3.5 off: whether it is seen cannot be told from it.");
        at.leaf("mix");
        assertThat(bench.text("mix-answer")).isEqualTo("No tint is measured yet at this yard.");
    }

    /** Two tints are typed from their makers’ sheets; a mix to what was read by eye says that its aim itself is rough. */
    @Test
    void aMixToARoughReadingSaysSo() {
        bench.yard();
        bench.click("leaf-tints");
        tint("chalk", 0.86, 0.86);
        tint("peat", 0.04, 0.12);
        at.leaf("colour");
        bench.typeAndEnter("reading", "sample card 12 45 3 8 by eye");
        at.leaf("mix");
        bench.type("mix-area", "0.4");
        bench.click("mix");
        bench.until(() -> bench.text("mix-answer").contains("expected to lie"));
        at.settled();
        assertThat(bench.text("mix-answer"))
                .startsWith("2 tints, 173 g in all")
                .contains("its reading itself may be 2.5 off");
        assertThat(isDisabled("weighed-out")).as("nobody has weighed the tins").isTrue();
    }

    private void tint(String name, double blue, double red) {
        bench.click("another-tint");
        bench.type("tint-name", name);
        bench.typeAndEnter(
                "tint-film",
                IntStream.range(0, 31)
                        .mapToObj(i -> String.valueOf(blue + (red - blue) * i / 30))
                        .collect(Collectors.joining(" ")));
    }

    /** The car’s own small pieces in a yard without a spray place, by the usual hours; a card by eye, read on the third morning. */
    @Test
    void smallPiecesWithoutASprayPlace() {
        at.leaf("loads");
        bench.click("likely-pieces");
        var listed = at.book().batch().pieces().size();
        assertThat(listed).isGreaterThan(15);
        bench.typeAndEnter("piece", "shift knob, 60 cm2, grey, at the turner’s until Thu, the owner waits, turned");
        bench.typeAndEnter("batch-due", "Fri 12 Jun 12:00");
        assertThat(bench.text("loads-answer")).startsWith(listed + " pieces").contains("One is held.");
        for (var piece : at.book().batch().pieces()) if (piece.isHeld()) bench.click("piece-" + piece.id());
        at.leaf("cards");
        bench.typeAndEnter("set-up", "dash coat, 180 mm, 2 passes, wanted 14");
        bench.pass(Duration.ofHours(7));
        bench.typeAndEnter("read-card-1", "16 19");
        bench.click("accept-card-1");
        bench.pass(Duration.ofDays(4));
        for (var load = 1; at.book().batch().count(Batch.Step.FITTED) <= listed && load < 30; load++) {
            at.leaf("loads");
            bench.click("hang-" + load);
            bench.click("sprayed-" + load);
            bench.pass(Duration.ofHours(24));
            bench.click("move-handled-" + load);
            bench.click("move-fitted-" + load);
        }
        assertThat(at.book().batch().count(Batch.Step.FITTED))
                .as("from hook to screw")
                .isEqualTo(listed + 1);
        assertThat(bench.text("loads-answer")).isEqualTo("All %d are fitted.".formatted(listed + 1));
    }

    /** A dash is coated step by step, at the pace its tins ask for; with its last trial its work is done. */
    @Test
    void aDashFromBareToItsTrials() {
        at.leaf("coats");
        bench.pick(DASH.value());
        bench.typeAndEnter("coats-colour", "2");
        bench.typeAndEnter("coats-clear", "2");
        bench.click("begin-coats");
        bench.click("begin-coats");
        assertThat(bench.text("coats-wrong")).isEqualTo("The dash is under way already.");
        bench.click("leaf-under-way");
        while (!dash().isDone()) {
            if (dash().next().orElseThrow().kind() == Kind.TRY)
                for (var trial : dash().trials()) bench.click(trial.word() + "-well");
            bench.click("step-done");
            var waits = dash().steps().get(dash().done().size() - 1).waits();
            bench.pass(waits.plusMinutes(1));
        }
        assertThat(bench.text("underway-answer")).isEqualTo("The dash is done, and came through its trials.");
        assertThat(bench.ask(() -> bench.model().job().undone())).doesNotContainKey(DASH);
    }

    private Coating dash() {
        return at.book().coatings().find("surface-1").orElseThrow();
    }
}
