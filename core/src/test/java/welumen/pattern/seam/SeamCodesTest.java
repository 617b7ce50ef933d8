package welumen.pattern.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Pairing;
import welumen.shape.Point;

class SeamCodesTest {
    private static final Seam SEAM = new Seam(new Side("seat-a", 0), new Side("seat-b", 2), 0, false);

    /** Where the first edge begins, the other ends: they lie face to face. */
    @Test
    void likeGoesToLike() {
        var one = Pieces.rectangle("a", 400, 300);
        var other = Pieces.rectangle("b", 400, 200);
        var patterns = Patterns.of(List.of(one, other), List.of(SEAM));
        assertThat(SeamCodes.on(one, patterns)).extracting(SeamCodes.Code::word).containsExactly("A1", "A2");
        assertThat(SeamCodes.on(other, patterns))
                .extracting(SeamCodes.Code::word)
                .containsExactly("A2", "A1");
        assertThat(SeamCodes.on(one, patterns).getFirst().at()).isEqualTo(new Point(60, 7));
    }

    @Test
    void whichOfTwoIsSaid() {
        var one = Pieces.rectangle("a", 400, 300).with(Pairing.LEFT_AND_RIGHT);
        var other = Pieces.rectangle("b", 400, 200);
        var right = new Seam(new Side("seat-a", 1, 1), new Side("seat-b", 0), 0, false);
        var patterns = Patterns.of(List.of(one, other), List.of(SEAM, right));
        assertThat(SeamCodes.on(one, patterns))
                .extracting(SeamCodes.Code::word)
                .containsExactly("A1 left", "A2 left", "B1 right", "B2 right");
    }

    @Test
    void lettersGoOnAfterTheLast() {
        assertThat(List.of(SeamCodes.letter(0), SeamCodes.letter(25), SeamCodes.letter(26), SeamCodes.letter(52)))
                .containsExactly("A", "Z", "AA", "BA");
    }
}
