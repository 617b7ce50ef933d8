package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;

class PatternsTest {
    private static final Piece ONE = Pieces.rectangle("one", 400, 300);
    private static final Piece OTHER = Pieces.rectangle("other", 400, 200);
    private static final Seam SEAM = new Seam(new Side(ONE.id(), 0), new Side(OTHER.id(), 2), 0, false);

    private static Patterns both() {
        return Patterns.EMPTY
                .after(new PieceDrawn(ONE))
                .after(new PieceDrawn(OTHER))
                .after(new SeamJoined(SEAM));
    }

    @Test
    void anEdgeIsSewnOnce() {
        var elsewhere = new Seam(new Side(ONE.id(), 0), new Side(OTHER.id(), 0), 0, false);
        assertThat(both().after(new SeamJoined(elsewhere)).seams()).containsExactly(elsewhere);
        assertThat(both().after(new SeamTakenApart(SEAM)).seams()).isEmpty();
        assertThat(both().seamAt(OTHER.id(), 2)).contains(SEAM);
        assertThat(both().seamAt(OTHER.id(), 1)).isEmpty();
    }

    /** How it is sewn does not make it another seam. */
    @Test
    void aSeamThatIsSewnOtherwiseStandsInItsPlace() {
        var byHand = SEAM.stitched(Stitching.USUAL.read("by hand, 5 mm stitch").orThrow());
        assertThat(both().after(new SeamJoined(byHand)).seams()).containsExactly(byHand);
        assertThat(byHand.eased(3).stitching()).isEqualTo(byHand.stitching());
        assertThat(byHand.between(SEAM.other(), SEAM.one()).stitching().isByHand())
                .isTrue();
    }

    @Test
    void aPieceDrawnAnewKeepsItsSeamsWhileItsEdgesAreAsMany() {
        var longer = EdgeEdit.moved(ONE, 1, 20).orThrow();
        assertThat(both().after(new PieceDrawn(longer)).seams()).containsExactly(SEAM);
        var parted = EdgeEdit.split(ONE, 1, 0.5).orThrow();
        assertThat(both().after(new PieceDrawn(parted)).seams()).isEmpty();
    }

    @Test
    void aDroppedPieceTakesWhatIsAwaitedWithIt() {
        var held = both().after(new CutHeld(ONE.id(), "the bezel"));
        var dropped = held.after(new PieceDropped(ONE.id()));
        assertThat(dropped.pieces()).containsExactly(OTHER);
        assertThat(dropped.seams()).isEmpty();
        assertThat(dropped.known().awaited()).isEmpty();
    }

    @Test
    void anEdgeThatIsNotThereCannotBeFinished() {
        assertThatThrownBy(() -> both().after(new EdgeFinished(ONE.id(), 9, EdgeFinish.BOUND, 0)))
                .hasMessageContaining("no edge 9");
        assertThatThrownBy(() -> both().after(new EdgeFinished("nobody", 0, EdgeFinish.BOUND, 0)))
                .hasMessageContaining("nobody");
    }

    @Test
    void whatIsKnownOfAPieceIsKeptBesideIt() {
        var foam = new Padding(35, 20, 0, true, 0);
        var known = both().after(new PaddingSaid(ONE.id(), foam))
                .after(new PaddingSaid(OTHER.id(), foam))
                .after(new PaddingSaid(ONE.id(), new Padding(45, 40, 0, true, 0)))
                .known();
        assertThat(known.paddings()).hasSize(2).containsEntry(OTHER.id(), foam);
        assertThat(known.paddings().get(ONE.id()).thicknessMm()).isEqualTo(40);
        var lesson = new Lesson(ONE.id(), List.of(), "sill first", 95, List.of());
        var taken = both().after(new LessonLearnt(lesson))
                .after(new LessonLearnt(lesson))
                .after(new LessonTaken(1, OTHER.id()))
                .known();
        assertThat(taken.lessons().getFirst().takenBy()).isEmpty();
        assertThat(taken.lessons().get(1).takenBy()).containsExactly(OTHER.id());
    }

    @Test
    void aPieceHasItsPartsOthers() {
        assertThat(both().of(ONE.part())).containsExactly(ONE, OTHER);
        assertThat(both().findOne("nobody")).isEmpty();
    }
}
