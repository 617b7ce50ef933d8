package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.intake.FeatureLook;
import welumen.intake.HouseWay;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.job.WorkStage;
import welumen.treatment.Matter;

/** The leaves of the intake, as a trimmer turns them while the customer is still there. */
class IntakeWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.go(WorkStage.INTAKE);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    /** A question holds its part, on every stage, until the customer has answered. */
    @Test
    void aQuestionHoldsItsPartUntilItIsAnswered() {
        bench.click("leaf-asked");
        bench.typeAndEnter("question", "plate behind the broken boss?");
        bench.type("question-holds", "console, roof");
        bench.keys("", KeyCode.ENTER);
        assertThat(bench.ask(() -> bench.robot.lookup(".danger").queryAllAs(Label.class).stream()
                        .anyMatch(label -> label.getText().contains("no part “roof”"))))
                .isTrue();
        bench.typeAndEnter("question-holds", "console");
        assertThat(state("console")).isEqualTo(PartState.HELD);
        bench.pick("console");
        bench.go(WorkStage.REFIT);
        assertThat(bench.answer()).startsWith("Hold: console, the customer has not answered");
        bench.go(WorkStage.INTAKE);
        bench.click("leaf-asked");
        bench.type("said-3", "yes, if it does not show");
        bench.click("agreed-3");
        assertThat(state("console")).isEqualTo(PartState.ON_BENCH);
    }

    @Test
    void wishesWaysFeaturesAndFindsAreNoted() {
        bench.click("leaf-asked");
        bench.typeAndEnter("wish", "a hook for the hat");
        bench.click("airbags-not-there");
        bench.click("leaf-house-ways");
        bench.click("way-dry_fit_first");
        var brief = bench.ask(() -> bench.model().job().brief());
        assertThat(brief.wishes()).contains("a hook for the hat");
        assertThat(brief.ways()).contains(HouseWay.DRY_FIT_FIRST);
        assertThat(brief.has(FeatureLook.AIRBAGS)).contains(false);
        bench.click("leaf-found");
        bench.click("strength-theirs");
        bench.type("found-where", "behind the left kick panel");
        bench.typeAndEnter("shows", "a glove");
        bench.click("handed-back-2");
        assertThat(bench.ask(
                        () -> bench.model().job().brief().things().getLast().handedBack()))
                .isTrue();
    }

    /** Said once in the yard, prices hold for every car; a wrong one is refused in words; one car may depart from them. */
    @Test
    void theYardsOwnPricesAreReckonedWithInEveryCar() {
        bench.yard();
        bench.click("leaf-prices-and-ways");
        bench.type("price-hour", "60");
        bench.typeAndEnter("price-carpet", "51.50");
        var prices = bench.ask(() -> bench.model().terms().prices());
        assertThat(prices.hour()).isEqualTo(60);
        assertThat(prices.perSquareMetre().get(Matter.CARPET)).isEqualTo(51.5);
        bench.typeAndEnter("price-leather", "dear");
        assertThat(bench.text("prices-said")).contains("“dear” is not a number");
        bench.typeAndEnter("price-leather", "0");
        assertThat(bench.text("prices-said")).contains("above nought");
        assertThat(bench.ask(() -> bench.model().terms().prices())).isEqualTo(prices);
        turnTo(1);
        assertThat(bench.ask(() -> bench.model().terms().prices())).isEqualTo(prices);
        bench.go(WorkStage.INTAKE);
        bench.click("leaf-house-ways");
        bench.typeAndEnter("depart-hour", "70");
        assertThat(bench.ask(() -> bench.model().terms().prices().hour())).isEqualTo(70);
        bench.click("as-yard-prices");
        assertThat(bench.ask(() -> bench.model().terms().prices())).isEqualTo(prices);
    }

    /** What the yard answers holds in every car; a car shows only where it departs. */
    @Test
    void aCarShowsOnlyWhereItDepartsFromTheHouseWays() {
        bench.yard();
        bench.click("leaf-prices-and-ways");
        bench.choose("yard-question-failed-clip", Optional.of(School.RIGHT_CLIP));
        bench.choose("yard-question-holes", Optional.of(School.PUNCHED));
        bench.choose("yard-question-holes", Optional.<School>empty());
        var schools = bench.ask(() -> bench.model().job().brief().schools());
        assertThat(schools)
                .containsEntry(Question.FAILED_CLIP, School.RIGHT_CLIP)
                .doesNotContainKey(Question.HOLES);
        turnTo(1);
        bench.go(WorkStage.INTAKE);
        bench.click("leaf-house-ways");
        assertThat(bench.text("ways-said")).isEqualTo("All is done as in the yard.");
        assertThat(bench.ask(() -> bench.model().job().brief().schools())).containsAllEntriesOf(schools);
        bench.choose("depart-question", Question.HOLES);
        bench.choose("depart-school", School.MELTED);
        assertThat(bench.text("ways-said")).contains("but for 1 thing");
        assertThat(bench.ask(() -> bench.model().job().brief().schools())).containsEntry(Question.HOLES, School.MELTED);
        bench.click("way-keep_old_as_pattern");
        assertThat(bench.ask(() -> bench.model().job().brief().ways())).isEmpty();
        bench.click("as-yard-keep-old-as-pattern");
        assertThat(bench.ask(() -> bench.model().job().brief().ways())).hasSize(1);
        bench.click("as-yard-holes");
        assertThat(bench.text("ways-said")).isEqualTo("All is done as in the yard.");
    }

    private void turnTo(int car) {
        bench.ask(() -> {
            bench.model().open(bench.model().yard().state().garage().all().get(car));
            return null;
        });
        bench.settle();
    }

    @Test
    void evidenceSpeaksForThePickedPart() {
        bench.pick("padded-roll");
        bench.click("leaf-found");
        bench.click("strength-proof");
        bench.typeAndEnter("shows", "darker green under the roll");
        var logged = bench.ask(() -> bench.model().job().album().about(new PartId("padded-roll")));
        assertThat(logged).extracting(one -> one.shows()).containsExactly("darker green under the roll");
    }

    /** A part is described anew, one of its own name is added, and one that was never there is struck off. */
    @Test
    void partsArePutRight() {
        bench.pick("mirror");
        bench.click("leaf-its-parts");
        bench.typeAndEnter("part-material", "plated brass");
        assertThat(bench.ask(() ->
                        bench.model().job().cabin().one(new PartId("mirror")).material()))
                .isEqualTo("plated brass");
        bench.typeAndEnter("part-name", "left speaker board");
        assertThat(bench.ask(() -> bench.model().job().cabin().findOne(new PartId("left-speaker-board"))))
                .isPresent();
        bench.click("strike-off");
        assertThat(bench.ask(() -> bench.model().job().cabin().findOne(new PartId("left-speaker-board"))))
                .isEmpty();
        bench.pick("mirror");
        bench.type("part-material", "glass");
        bench.typeAndEnter("part-name", "dash");
        assertThat(bench.ask(() ->
                        bench.model().job().cabin().one(new PartId("dash")).material()))
                .as("another part of that name is not described over")
                .isNotEqualTo("glass");
        bench.pick("left-front-seat");
        bench.click("strike-off");
        assertThat(bench.ask(() -> bench.model().job().cabin().findOne(new PartId("left-front-seat"))))
                .as("a part with steps stays")
                .isPresent();
    }

    private PartState state(String part) {
        return bench.ask(() -> bench.model().job().stateOf(new PartId(part)));
    }

    /** The same model comes in again: what its last strip taught is there before a screw is turned. */
    @Test
    void theNextCarOfAModelKnowsWhatTheLastOneTaught() {
        bench.ask(() -> {
            bench.model().open(bench.model().yard().state().garage().all().get(DemoCopy.EMPTY_JOB));
            return null;
        });
        for (var typed : List.of("car:Varrow Selkie", "year:1964", "budget:£4000", "due:2026-09-01"))
            bench.type(typed.split(":")[0], typed.split(":")[1]);
        bench.click("agree");
        bench.click("leaf-its-parts");
        bench.click("body-saloon");
        var strip = bench.ask(() -> bench.model().job().strip());
        assertThat(strip.placesOf(new PartId("left-front-seat")))
                .as("four bolts and the plug under the cushion")
                .hasSize(3);
        bench.pick("mirror");
        bench.click("came-without");
        assertThat(bench.ask(() -> bench.model().job().brief().missing())).containsExactly(new PartId("mirror"));
    }
}
