package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.CuttingTable;
import welumen.job.WorkStage;
import welumen.pattern.Seam;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Under;
import welumen.pattern.strip.Binding;

/** A carpet set of flat pieces for a two-seater: its seam, its edges, its binding, and a second side that is better than the first. */
class FloorWalkTest extends OwnCarWalk {
    FloorWalkTest() {
        super("1958", "Selby Whinchat", "drophead");
    }

    @Test
    void aFloorIsMadeOfFlatPieces() {
        bench.go(WorkStage.PATTERN);
        var floor = car.draw("left-front-carpet", "left floor 612 x 900");
        assertThat(floor.grain()).as("the pile to the rear").isEqualTo(new Grain.NapToward(270));
        assertThat(floor.edges().getFirst().allowanceMm()).as("sewn").isEqualTo(10);
        car.draw("left-front-carpet", "tunnel side 618 x 240");
        theSeamWalksOnlyWithPlannedEase();
        theOuterEdgeIsLeftLong();
        theBindingTakesFiveStrips();
        theOtherSideIsItsMirrorImage();
        theSecondSideIsPutRightBeforeItIsCut();
        nothingTurnsAgainstThePile();
        theSillGoesBeforeTheFloorThatLapsIt();
    }

    private void pickPiece(String name) {
        bench.click("leaf-pieces");
        bench.pick(car.piece(name).part().value());
        bench.click("fill-" + car.piece(name).id());
    }

    /** 612 against 618 mm, and 3.1 may be. */
    private void theSeamWalksOnlyWithPlannedEase() {
        bench.click("leaf-seams");
        bench.choose("seam-one", new Seam.Side(car.piece("left floor").id(), 0));
        bench.choose("seam-other", new Seam.Side(car.piece("tunnel side").id(), 0));
        bench.click("sew-these");
        assertThat(bench.text("seams-answer")).contains("1 does not walk");
        car.assertSays("612 mm to 618 mm: 6 mm too long, 3.1 mm may be");
        bench.click("leaf-trials");
        bench.choose("trial-piece", car.piece("left floor").id());
        assertThat(bench.text("trials-answer"))
                .contains("not cut yet: its seam to the tunnel side does not walk: 612 mm to 618 mm, 6 mm off");
        bench.click("leaf-seams");
        bench.type("seam-ease", "6 mm");
        bench.click("sew-these");
        assertThat(bench.text("seams-answer")).contains("all of them walk");
        assertThat(car.job().toBeCut()).hasSize(2);
    }

    /** 25 mm stay on until a dry fit has lain for a night. */
    private void theOuterEdgeIsLeftLong() {
        pickPiece("left floor");
        bench.click("edge-%s-2".formatted(car.piece("left floor").id()));
        bench.typeAndEnter("change-edge", "left long 25");
        assertThat(car.piece("left floor").edges().get(2).leftLongMm()).isEqualTo(25);
        bench.typeAndEnter("change-edge", "confirmed");
        assertThat(bench.text("pattern-wrong")).contains("No dry fit of the left floor has been noted");
        fitDry("2");
        bench.typeAndEnter("change-edge", "confirmed");
        assertThat(bench.text("pattern-wrong")).contains("settled for 2 hours only; 12 are wanted");
        fitDry("14");
        bench.typeAndEnter("change-edge", "confirmed");
        assertThat(car.piece("left floor").edges().get(2).leftLongMm()).isZero();
    }

    private void fitDry(String hours) {
        bench.click("leaf-trials");
        bench.choose("trial-piece", car.piece("left floor").id());
        car.chooseNth("trial-of", 3);
        bench.type("trial-settled", hours);
        bench.click("trial-accepted");
        bench.click("note-trial");
        bench.click("leaf-pieces");
        bench.click("fill-" + car.piece("left floor").id());
        bench.click("edge-%s-2".formatted(car.piece("left floor").id()));
    }

    /** Two runs of 3,240 mm with 30 mm folded at each end, from cloth of 1,370: five strips, since 710 are left of the first. */
    private void theBindingTakesFiveStrips() {
        for (var name : List.of("boot mat", "boot side")) {
            car.draw("left-front-carpet", name + " 3240 x 300");
            bench.click("edge-%s-0".formatted(car.piece(name).id()));
            bench.choose("finish", EdgeFinish.BOUND);
        }
        bench.click("leaf-strips");
        bench.choose("binding-way", Binding.LAPPED);
        bench.typeAndEnter("binding-offset", "18 mm");
        bench.typeAndEnter("bound-edge", "6 mm");
        bench.typeAndEnter("strip-fold", "30 mm");
        bench.typeAndEnter("strip-length", "1370 mm");
        car.assertSays("Binding: 5 strips 50 mm wide, 250 mm of the stock");
        for (var name : List.of("boot mat", "boot side")) {
            pickPiece(name);
            bench.typeAndEnter("change-edge", "drop");
        }
        assertThat(car.job().patterns().pieces()).hasSize(2);
    }

    /** A hole on the left only, a heel pad on the driver's side only, and the pile still to the rear. */
    private void theOtherSideIsItsMirrorImage() {
        pickPiece("left floor");
        bench.click("tool-mirror");
        var right = car.piece("right floor");
        assertThat(right.part()).isEqualTo(new PartId(car.part("right-front-carpet")));
        assertThat(right.grain()).isEqualTo(new Grain.NapToward(270));
        assertThat(right.under()).isEqualTo(Under.FLOOR);
        pickPiece("left floor");
        bench.click("edge-%s-0".formatted(car.piece("left floor").id()));
        bench.typeAndEnter("change-edge", "punched 20 at 200, 120 for the drain");
        bench.typeAndEnter("change-edge", "free 300 x 200 at 300, 400 for the heel pad");
        assertThat(car.piece("right floor").inside().piercings()).isEmpty();
        bench.click("leaf-two-sides");
        assertThat(bench.text("sides-answer"))
                .isEqualTo("Mirrored, the two are the same within 3 mm; 2 things on one side only.");
        car.assertSays("Left floor: punched 20 mm for the drain");
        car.assertSays("Left floor: kept free for the heel pad");
    }

    /** 8 mm at the tunnel, and the rail hole after laying: both change the second side before it is cut. */
    private void theSecondSideIsPutRightBeforeItIsCut() {
        pickPiece("left floor");
        bench.click("edge-%s-0".formatted(car.piece("left floor").id()));
        bench.typeAndEnter("change-edge", "named tunnel");
        pickPiece("right floor");
        bench.click("leaf-two-sides");
        bench.pick(car.piece("left floor").part().value());
        bench.typeAndEnter("lesson", "tunnel 8 longer, punch the rail hole after laying");
        var before = car.piece("right floor").net().area();
        bench.click("take-lesson-" + car.piece("right floor").id());
        assertThat(car.piece("right floor").net().area()).isCloseTo(before + 8 * 612, within(1.0));
        bench.pick(car.piece("right floor").part().value());
        car.assertSays("Here, as taught: punch the rail hole after laying");
    }

    private void nothingTurnsAgainstThePile() {
        bench.go(WorkStage.CUT);
        bench.click("leaf-hides-and-rolls");
        bench.choose("stock-material", car.piece("left floor").material());
        bench.typeAndEnter("stock-typed", "roll 1, 2 m wide, 6 m long, cost 30");
        bench.click("leaf-plan");
        bench.layOut("lay-out");
        var laid = ((CuttingTable.Laid) car.job().table()).plan();
        assertThat(laid.unplaced()).isEmpty();
        bench.click("laid-%s-1".formatted(car.piece("left floor").id()));
        bench.robot.press(KeyCode.SHIFT).type(KeyCode.COMMA).release(KeyCode.SHIFT);
        bench.settle();
        assertThat(bench.text("cut-wrong"))
                .contains("It does not go there")
                .contains("its nap or pattern would run another way");
        assertThat(((CuttingTable.Laid) car.job().table()).plan()).isEqualTo(laid);
    }

    private void theSillGoesBeforeTheFloorThatLapsIt() {
        var carpet = car.part("left-front-carpet");
        var sill = car.part("left-sill-cover");
        bench.go(WorkStage.STRIP);
        strip(carpet, "laps the left sill cover by 18 mm");
        strip(carpet, "off");
        strip(car.part("left-front-door-seal"), "off");
        strip(sill, "6 screws no. 8, bag 1, off");
        bench.go(WorkStage.REFIT);
        bench.pick(carpet);
        assertThat(bench.answer()).isEqualTo("Not yet: the left sill cover goes in first.");
        car.assertSays("The left sill cover goes in first: this laps it.");
        bench.click("put-back");
        assertThat(car.job().refit().isFitted(new PartId(carpet))).isFalse();
    }

    private void strip(String part, String line) {
        bench.pick(part);
        bench.typeAndEnter("line", line);
    }
}
