package welumen.pattern.sides;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;

class FellowsTest {
    private static Piece of(String part, String name) {
        List<Edge> edges = Pieces.rectangle(name, 300, 200).edges();
        var id = PartId.named(part);
        return new Piece(
                Piece.idOf(id, name), id, name, "board", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }

    @Test
    void theFellowIsOfTheOtherSidesPartAndCalledAlike() {
        var cabin = new Cabin(BodyParts.of(Body.VAN, Side.RIGHT));
        var left = of("left kick panel", "left kick panel, upper");
        var lower = of("right kick panel", "right kick panel, lower");
        var upper = of("right kick panel", "right kick panel, upper");
        var bench = of("bench cushion", "bench centre, upper");
        var patterns = Patterns.of(List.of(left, lower, upper, bench), List.of());
        assertThat(Fellows.of(left, patterns, cabin)).contains(upper);
        assertThat(Fellows.of(lower, patterns, cabin)).contains(left);
        assertThat(Fellows.of(bench, patterns, cabin)).isEmpty();
    }
}
