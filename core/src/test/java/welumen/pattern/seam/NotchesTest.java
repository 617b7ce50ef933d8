package welumen.pattern.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

class NotchesTest {
    private static Piece piece(String name, double wide, EdgeFinish finish) {
        var edges = List.of(
                new Edge("", List.of(new Point(0, 0)), finish, finish.allowanceMm()),
                new Edge("", List.of(new Point(wide, 0)), EdgeFinish.RAW, 0),
                new Edge("", List.of(new Point(wide, 200)), EdgeFinish.RAW, 0),
                new Edge("", List.of(new Point(0, 200)), EdgeFinish.RAW, 0));
        return new Piece(
                name, new PartId("seat"), name, "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }

    /** 500 in three parts of 166.7, moved by 15: at 181.7 and 348.3; snipped from 10 outside to 5.5. */
    @Test
    void aLongEdgeIsNotchedAndSnippedShortOfTheStitches() {
        var notches = Notches.of(piece("a", 500, EdgeFinish.SEWN), List.of(), Patterns.EMPTY);
        assertThat(notches).hasSize(2);
        assertThat(notches.get(0).at().x()).isCloseTo(500 / 3.0 + 15, within(1e-9));
        assertThat(notches.get(1).at().x()).isCloseTo(1000 / 3.0 + 15, within(1e-9));
        assertThat(notches.get(0).outer().y()).isEqualTo(-10);
        assertThat(notches.get(0).inner().y()).isEqualTo(-5.5);
    }

    /** None lies in the middle, and turned round they do not fall on each other. */
    @ParameterizedTest
    @ValueSource(doubles = {60, 130, 333, 500, 1210})
    void aSeamCannotBeSewnBackToFront(double length) {
        var shares = Notches.shares(length);
        assertThat(shares).isNotEmpty().allSatisfy(share -> {
            assertThat(share).isBetween(0.0, 1.0);
            assertThat(shares).noneMatch(other -> Math.abs(1 - other - share) * length < 10);
        });
        for (var i = 1; i < shares.size(); i++)
            assertThat((shares.get(i) - shares.get(i - 1)) * length).isLessThanOrEqualTo(180);
    }

    /** Face to face the other edge runs the other way; 8 mm of ease lie evenly between the notches. */
    @Test
    void bothEdgesOfASeamAreNotchedAlike() {
        var seam = new Seam(new Side("a", 0), new Side("b", 0), 8, false);
        var patterns = Patterns.EMPTY
                .after(new PieceDrawn(piece("a", 500, EdgeFinish.SEWN)))
                .after(new PieceDrawn(piece("b", 508, EdgeFinish.SEWN)))
                .after(new SeamJoined(seam));
        var one = Notches.of(patterns.findOne("a").orElseThrow(), patterns.seams(), patterns);
        var other = Notches.of(patterns.findOne("b").orElseThrow(), patterns.seams(), patterns);
        assertThat(other).hasSameSizeAs(one);
        for (var i = 0; i < one.size(); i++)
            assertThat(other.get(i).at().x() / 508)
                    .isCloseTo(1 - one.get(i).at().x() / 500, within(1e-9));
    }

    @Test
    void whatIsNotSewnIsNotNotched() {
        assertThat(Notches.of(piece("a", 500, EdgeFinish.BOUND), List.of(), Patterns.EMPTY))
                .isEmpty();
        assertThat(Notches.of(piece("a", 40, EdgeFinish.SEWN), List.of(), Patterns.EMPTY))
                .isEmpty();
    }
}
