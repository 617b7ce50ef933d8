package welumen.pattern.sides;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Outline;
import welumen.shape.Point;

class OneSideOnlyTest {
    private static final Piece PLAIN = DraftText.read("left floor 600 x 900", new PartId("left-front-carpet"), "carpet")
            .orThrow()
            .piece();
    private static final Piercing DRAIN =
            new Piercing("the drain", Piercing.Kind.PUNCHED, new Point(200, 120), 20, 0, Piercing.Made.ON_THE_BENCH);
    private static final KeepOut PAD = new KeepOut("the heel pad", Outline.rectangle(300, 200));

    private static Piece with(List<Piercing> piercings, List<KeepOut> keepOuts) {
        return PLAIN.with(
                new Inside(List.of(), piercings, keepOuts, PLAIN.inside().surface()));
    }

    private static Piece onTheOther(Piece piece) {
        return Mirrored.of(piece, new PartId("right-front-carpet"), "right floor");
    }

    @Test
    void aDrainAndAHeelPadAreOnTheOneSideOnly() {
        var left = with(List.of(DRAIN), List.of(PAD));
        var alone = OneSideOnly.of(onTheOther(left), onTheOther(PLAIN));
        assertThat(alone.here()).containsExactly("punched 20 mm for the drain", "kept free for the heel pad");
        assertThat(alone.there()).isEmpty();
        assertThat(OneSideOnly.of(onTheOther(PLAIN), onTheOther(left)).there()).hasSize(2);
    }

    @Test
    void whatBothHaveAtMirroredPlacesIsOnBoth() {
        var left = with(List.of(DRAIN), List.of(PAD));
        assertThat(OneSideOnly.of(onTheOther(left), onTheOther(left)).count()).isZero();
    }
}
