package welumen.pattern.piece;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.PartId;
import welumen.pattern.draft.DraftText;

class MirroredTest {
    private static final PartId LEFT = new PartId("left-front-carpet");

    private static Piece carpet() {
        var makeup = new Makeup("loop carpet", 0, new Grain.NapToward(270), Under.FLOOR);
        return DraftText.read("left floor 600 x 900", LEFT, makeup).orThrow().piece();
    }

    /** Drawn with the front of the car up: the pile, which runs down, runs to the back edge. */
    @Test
    void aCarpetsPileRunsToTheEdgeThatIsCalledItsBack() {
        var edges = carpet().edges();
        assertThat(edges).extracting(Edge::name).containsExactly("back", "right", "front", "left");
        assertThat(carpet().run(0).getFirst().y()).isZero();
    }

    @Test
    void leftIsRightOnTheOtherSideAndThePileRunsAsItDid() {
        var right = Mirrored.of(carpet(), new PartId("right-front-carpet"), "right floor");
        for (var i = 0; i < 4; i++) {
            var middle = right.run(i).getFirst().plus(right.run(i).getLast()).times(0.5);
            var centre = right.net().box().middle();
            switch (right.edges().get(i).name()) {
                case "right" -> assertThat(middle.x()).isGreaterThan(centre.x());
                case "left" -> assertThat(middle.x()).isLessThan(centre.x());
                case "front" -> assertThat(middle.y()).isGreaterThan(centre.y());
                default -> assertThat(middle.y()).isLessThan(centre.y());
            }
        }
        assertThat(right.grain()).isEqualTo(new Grain.NapToward(270));
    }

    @ParameterizedTest
    @CsvSource({
        "left floor, right floor",
        "Right kick, Left kick",
        "'right, to the bolster', 'left, to the bolster'",
        "leftover strip, leftover strip"
    })
    void wordsChangeSides(String one, String other) {
        assertThat(Mirrored.otherSide(one)).isEqualTo(other);
        assertThat(Mirrored.otherSide(other)).isEqualTo(one);
    }
}
