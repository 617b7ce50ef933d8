package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.Piece;

/** Which piece stands for a part. */
class PartOutlineTest {
    private static Piece piece(String typed) {
        return DraftText.read(typed, new PartId("mat"), "carpet").orThrow().piece();
    }

    @Test
    void theLargestPieceStandsForThePartWhereItIsMostOfIt() {
        var outline = PartOutline.of(List.of(piece("mat 820 x 560"), piece("patch 80 x 60")))
                .orElseThrow();
        assertThat(outline.box().minX()).isZero();
        assertThat(outline.box().width()).isEqualTo(820);
        assertThat(outline.box().height()).isEqualTo(560);
    }

    @Test
    void aCoverOfManyPiecesHasNone() {
        assertThat(PartOutline.of(List.of(piece("left half 400 x 500"), piece("right half 400 x 500"))))
                .isEmpty();
        assertThat(PartOutline.of(List.of())).isEmpty();
    }
}
