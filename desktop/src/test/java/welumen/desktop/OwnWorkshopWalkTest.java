package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cut.CuttingTable;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.Stock;
import welumen.desktop.model.Screen;
import welumen.doubt.Guess;
import welumen.intake.Standard;
import welumen.job.Job;
import welumen.job.WorkStage;
import welumen.measure.Length;
import welumen.measure.Money;
import welumen.pattern.Seam;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.strip.fixing.Condition;
import welumen.yard.Person;
import welumen.yard.Yard;

/**
 * From nothing: a workshop is begun in an empty home, a first car comes in, is stripped, drawn, laid out and bought for; a
 * second one of its model profits from it, and a hide changes cars and comes back. Nothing of it touches the demo.
 */
class OwnWorkshopWalkTest {
    private static final Instant MONDAY = Instant.parse("2026-04-13T07:30:00Z");
    private static final PartId CARPET = new PartId("left-front-carpet");
    private static final PartId CARD = new PartId("left-door-card");
    private static final PartId SEAT = new PartId("left-front-seat");
    private static final PartId ROOF = new PartId("headlining");

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void knock() {
        bench = Workbench.atTheDoor(home, MONDAY);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    @Test
    void aWorkshopIsBegunAndTwoCarsGoThroughIt() {
        begin();
        takeInTheFirst();
        stripTenParts();
        takeInStock();
        drawAndLayOut();
        dropAPieceWithItsSeam();
        takeInTheSecond();
        cutTheFirstsHideForTheSecond();
        assertThat(home.resolve("demo")).doesNotExist();
    }

    private void begin() {
        bench.click("door-begin");
        assertThat(bench.text("door-wrong")).contains("no name");
        bench.type("door-name", "Lantern Wharf");
        bench.type("door-people", "Ada, Bram");
        bench.type("door-currency", "francs");
        bench.click("door-inches");
        bench.click("door-begin");
        assertThat(bench.text("door-wrong")).contains("three letters");
        bench.typeAndEnter("door-currency", "chf");
        bench.entered();
        var yard = yard();
        assertThat(yard.name()).isEqualTo("Lantern Wharf");
        assertThat(yard.crew().people().all()).extracting(Person::name).containsExactly("Ada", "Bram");
        assertThat(yard.counting().currency().getCurrencyCode()).isEqualTo("CHF");
        assertThat(yard.counting().lengths()).isEqualTo(Length.Style.INCHES);
        assertThat(bench.ask(() -> bench.model().person())).isEqualTo("Ada");
        assertThat(bench.answer()).isEqualTo("No car is being worked on.");
    }

    private void takeIn(String year, String customer) {
        bench.type("new-car", "Corriden Plover");
        bench.type("new-year", year);
        bench.type("new-customer", customer);
        bench.click("new-body-coupe");
        bench.click("new-wheel-left");
    }

    private void takeInTheFirst() {
        takeIn("1959", "Ms Wren");
        assertThat(bench.text("new-teaches")).startsWith("Its usual parts");
        bench.click("take-in");
        assertThat(bench.answer()).isEqualTo("It is here; nothing is agreed yet.");
        assertThat(job().cabin().parts()).hasSizeBetween(60, 120);
        bench.type("budget", "6400");
        bench.typeAndEnter("due", "9 weeks");
        var agreed = job().intake().agreed().orElseThrow();
        assertThat(agreed.budget()).isEqualTo(Money.of(6400, "CHF"));
        assertThat(agreed.due()).isEqualTo(LocalDate.of(2026, 6, 15));
        bench.click("standard-better_than_new");
        assertThat(job().intake().agreed().orElseThrow().standard()).isEqualTo(Standard.BETTER_THAN_NEW);
        assertThat(job().intake().known().orElseThrow().title()).isEqualTo("1959 Corriden Plover, coupé");
    }

    /** Ten parts in ten lines, 31 fixings in four bags, one of them missing; the program dies in the middle of the seventh. */
    private void stripTenParts() {
        bench.go(WorkStage.STRIP);
        var lines = List.of(
                List.of("left-runner-cover", "2 screws no. 8, bag 1"),
                List.of("left-front-seat", "4 bolts M10, bag 1"),
                List.of("left-door-seal", "off"),
                List.of("left-sill-cover", "6 screws no. 8, bag 2"),
                List.of("left-kick-panel", "3 screws no. 6, 1 screw missing, bag 2"),
                List.of("gear-gaiter", "4 screws no. 6, bag 3"),
                List.of("console", "5 screws no. 8, bag 3"),
                List.of("left-front-carpet", "2 clips, bag 4"),
                List.of("mirror", "2 screws no. 4, bag 4"),
                List.of("left-visor", "2 screws no. 4, bag 4"));
        for (var i = 0; i < lines.size(); i++) {
            var part = part(lines.get(i).getFirst());
            bench.pick(part);
            bench.robot.clickOn("#line");
            if (i == 6) {
                bench.keys("5 screws");
                bench.restart();
                assertThat(job().strip().steps()).hasSize(6);
                assertThat(bench.ask(() -> bench.model().stageProperty().get())).isEqualTo(WorkStage.STRIP);
                bench.pick(part);
                bench.robot.clickOn("#line");
            }
            bench.keys(lines.get(i).getLast(), KeyCode.ENTER);
        }
        var strip = job().strip();
        assertThat(strip.steps()).hasSize(10);
        assertThat(strip.bags()).containsExactly(1, 2, 3, 4);
        var lots =
                strip.steps().stream().flatMap(step -> step.fixings().stream()).toList();
        assertThat(lots.stream().mapToInt(lot -> lot.count()).sum()).isEqualTo(31);
        assertThat(lots.stream()
                        .filter(lot -> lot.condition() == Condition.MISSING)
                        .mapToInt(lot -> lot.count())
                        .sum())
                .isEqualTo(1);
    }

    private String part(String likely) {
        return OwnCar.part(job(), likely);
    }

    private void takeInStock() {
        bench.go(WorkStage.CUT);
        bench.click("leaf-hides-and-rolls");
        for (var typed : List.of(
                List.of("brown hide", "hide 1, 52 sq ft, lot 7, cost 300"),
                List.of("brown hide", "hide 2, 49 sq ft, lot 7, cost 290"),
                List.of("grey carpet", "roll 1, 1.5 m wide, 10 m long, cost 40"),
                List.of("tan vinyl", "roll 2, 54 wide, 8 m long, cost 20"),
                List.of("headcloth", "roll 3, 59 wide, 6 m long, cost 25"))) {
            bench.choose("stock-material", typed.getFirst());
            bench.typeAndEnter("stock-typed", typed.getLast());
        }
        assertThat(yard().stock().here()).hasSize(5);
        bench.typeAndEnter("stock-typed", "hide 2, 50 sq ft, lot 8, cost 290");
        assertThat(yard().stock().here())
                .as("a second hide 2 is a second hide")
                .extracting(Stock::id)
                .contains("hide 2", "hide 2 (2)");
        takeBack();
        assertThat(yard().stock().here()).hasSize(5);
        bench.yard();
        bench.click("leaf-hides-and-rolls");
        bench.click("stock-hide-2");
        bench.typeAndEnter("stock-cost", "295.50");
        bench.typeAndEnter("stock-lot", "7");
        assertThat(yard().stock().findOne("hide 2").orElseThrow().price()).isEqualTo(295.5);
        bench.yard();
    }

    private void draw(PartId part, String line) {
        bench.pick(part(part.value()));
        bench.typeAndEnter("draw", line);
    }

    private Piece piece(String name) {
        return job().patterns().pieces().stream()
                .filter(piece -> piece.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void drawAndLayOut() {
        bench.go(WorkStage.PATTERN);
        draw(CARPET, "floor 1200 x 700 mm");
        var floor = piece("floor");
        assertThat(floor.material()).isEqualTo("grey carpet");
        assertThat(floor.under()).isEqualTo(Under.FLOOR);
        assertThat(floor.grade()).isZero();
        assertThat(floor.grain()).isEqualTo(new Grain.NapToward(270));
        bench.go(WorkStage.STORES);
        assertThat(says("0.84 m² × 1 ÷ 3 m² a can = 0.28")).isTrue();
        assertThat(says("0.84 m² × 1 ÷ 4 m² a can = 0.21")).isTrue();
        assertThat(says("= 0.59, so 1")).isTrue();
        assertThat(bench.answer()).contains("1 can of contact adhesive");

        bench.go(WorkStage.PATTERN);
        draw(CARD, "face AB 32, BC 22, CD 32, DA 22, AC 38 13/16");
        assertThat(piece("face").under()).isEqualTo(Under.BOARD);
        bench.click("piece-makeup");
        bench.choose("piece-material", "tan vinyl");
        assertThat(piece("face").material()).isEqualTo("tan vinyl");
        draw(ROOF, "roof 55 x 43");
        assertThat(piece("roof").material()).isEqualTo("headcloth");
        draw(SEAT, "cushion 20 1/2 x 19 3/4");
        draw(SEAT, "front facing 20 1/2 x 5 1/2");
        draw(SEAT, "side facing 19 3/4 x 5 1/2 in");
        assertThat(piece("cushion").net().box().width())
                .as("a bare number is inches here")
                .isCloseTo(520.7, within(0.01));
        pickPiece("cushion");
        bench.click("edge-%s-0".formatted(piece("cushion").id()));
        bench.typeAndEnter("allowance", "1/2");
        assertThat(piece("cushion").edges().getFirst().allowanceMm()).isEqualTo(12.7);
        assertThat(bench.field("allowance")).isEqualTo("1/2\"");
        assertThat(piece("cushion").material()).isEqualTo("brown hide");
        assertThat(piece("cushion").grade()).isEqualTo(1);
        bench.click("leaf-seams");
        sew(
                new Seam.Side(piece("cushion").id(), 0),
                new Seam.Side(piece("front facing").id(), 2));
        sew(
                new Seam.Side(piece("cushion").id(), 1),
                new Seam.Side(piece("side facing").id(), 2));
        assertThat(job().patterns().seams()).hasSize(2);

        bench.go(WorkStage.CUT);
        layOut();
        var laid = (CuttingTable.Laid) job().table();
        assertThat(laid.plan().unplaced()).isEmpty();
        assertThat(laid.plan().placements()).hasSize(6);
        assertThat(PlanCheck.faults(laid.problem(), laid.plan().placements())).isEmpty();
        bench.go(WorkStage.STORES);
        assertThat(says("brown hide")).isTrue();
    }

    private void sew(Seam.Side one, Seam.Side other) {
        bench.choose("seam-one", one);
        bench.choose("seam-other", other);
        bench.click("sew-these");
    }

    private void layOut() {
        bench.click("leaf-plan");
        bench.layOut("lay-out");
    }

    private void dropAPieceWithItsSeam() {
        bench.go(WorkStage.PATTERN);
        bench.click("leaf-pieces");
        bench.pick(part(SEAT.value()));
        pickPiece("side facing");
        bench.click("piece-makeup");
        bench.click("drop-piece");
        assertThat(bench.text("pattern-wrong")).contains("the seam to the cushion");
        assertThat(job().patterns().pieces()).hasSize(6);
        bench.click("drop-piece");
        assertThat(job().patterns().pieces()).as("one press too many").hasSize(6);
        pickPiece("cushion");
        assertThat(bench.robot.lookup("#all-the-same").tryQuery())
                .as("the question falls with its piece")
                .isEmpty();
        pickPiece("side facing");
        bench.click("drop-piece");
        bench.click("all-the-same");
        assertThat(job().patterns().pieces()).hasSize(5);
        assertThat(job().patterns().seams()).hasSize(1);
        takeBack();
        assertThat(job().patterns().seams()).hasSize(2);
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.Y).release(KeyCode.CONTROL);
        bench.settle();
        assertThat(job().patterns().pieces()).hasSize(5);
    }

    private void pickPiece(String name) {
        bench.click("fill-" + piece(name).id());
        assertThat(bench.text("piece-name")).isEqualToIgnoringCase(name);
    }

    private void takeInTheSecond() {
        bench.pass(Duration.ofDays(61));
        bench.cars();
        assertThat(bench.answer()).isEqualTo("One car is being worked on.");
        takeIn("1960", "Mr Sorrel");
        assertThat(bench.text("new-teaches")).startsWith("The 1959 Corriden Plover, coupé was here");
        bench.click("take-in");
        var second = job();
        var seat = part(SEAT.value());
        assertThat(second.strip().placesOf(new PartId(seat))).hasSize(1);
        assertThat(second.patterns().pieces()).hasSize(5);
        assertThat(second.patterns().known().awaited()).hasSize(5);
        assertThat(second.doubts().open()).extracting(Guess::kind).contains(Guess.Kind.PLACES, Guess.Kind.PIECE);
        bench.go(WorkStage.STRIP);
        bench.pick(seat);
        assertThat(bench.answer()).as("a guess looks like one").startsWith("Probably");
        bench.go(WorkStage.INTAKE);
        bench.click("leaf-from-before");
        assertThat(bench.text("guesses-said")).contains("1959 Corriden Plover");
        bench.click("wrong-places-" + seat);
        assertThat(job().strip().placesOf(new PartId(seat))).isEmpty();
        bench.go(WorkStage.STRIP);
        bench.pick(seat);
        bench.robot.clickOn("#line");
        bench.keys("held by 3 bolts M8", KeyCode.ENTER);
        assertThat(job().strip().placesOf(new PartId(seat)).getFirst().count()).isEqualTo(3);
        bench.go(WorkStage.INTAKE);
        bench.click("guesses-right");
        assertThat(job().doubts().open()).isEmpty();
        assertThat(job().patterns().known().awaited()).isEmpty();
        assertThat(bench.ask(() -> bench.model().yard().state().garage().inWork()))
                .hasSize(2);
    }

    /** The hide that was bought for the first is cut for the second; taking that back gives it back to both. */
    private void cutTheFirstsHideForTheSecond() {
        bench.go(WorkStage.CUT);
        layOut();
        var laid = (CuttingTable.Laid) job().table();
        var hide = laid.plan().placements().stream()
                .filter(placement -> placement.piece().equals(piece("cushion").id()))
                .findFirst()
                .orElseThrow()
                .stock();
        bench.click("leaf-at-the-table");
        bench.choose("table-hide", hide);
        bench.click("hide-is-cut");
        bench.until(() -> bench.model().job().cutLog().isCut(hide));
        assertThat(yard().stock().findOne(hide)).isEmpty();
        var first = bench.ask(() -> bench.model().yard().state().garage().all().getFirst());
        turnTo(0);
        assertThat(bench.ask(() -> bench.model().toCutFrom()))
                .extracting(Stock::id)
                .doesNotContain(hide);
        bench.yard();
        takeBack();
        assertThat(yard().stock().findOne(hide)).isPresent();
        assertThat(bench.ask(() -> bench.model().toCutFrom()))
                .extracting(Stock::id)
                .contains(hide);
        turnTo(1);
        assertThat(job().cutLog().isCut(hide)).isFalse();
        assertThat(first.title()).startsWith("1959");

        // bought for the first and cut for the second: the buying stands on, and it is said for which car it was cut
        bench.click("leaf-at-the-table");
        bench.choose("table-hide", hide);
        bench.click("hide-is-cut");
        bench.until(() -> bench.model().job().cutLog().isCut(hide));
        bench.yard();
        bench.click("leaf-hides-and-rolls");
        assertThat(bench.ask(() -> bench.model().stock().gone(hide, "sold"))).isFalse();
        assertThat(bench.text("trouble")).contains("was cut for the 1960 Corriden Plover, coupé");
    }

    /** As a trimmer does: the list of cars, and the button on the card. */
    private void turnTo(int number) {
        bench.ask(() -> {
            bench.model().screenProperty().set(Screen.CARS);
            return null;
        });
        bench.settle();
        var car = bench.ask(() -> bench.model().yard().state().garage().all().get(number));
        bench.click("turn-to-" + car.job());
        assertThat(bench.ask(() -> bench.model().openedProperty().get().job())).isEqualTo(car.job());
    }

    private void takeBack() {
        bench.ask(() -> {
            bench.robot.lookup("#take-back").queryAs(Button.class).fire();
            return null;
        });
        bench.settle();
    }

    private boolean says(String part) {
        return bench.ask(() -> bench.robot
                .lookup((Node node) ->
                        node instanceof Label label && label.getText().contains(part))
                .tryQuery()
                .isPresent());
    }

    private Job job() {
        return bench.ask(() -> bench.model().job());
    }

    private Yard yard() {
        return bench.ask(() -> bench.model().yard().state());
    }
}
