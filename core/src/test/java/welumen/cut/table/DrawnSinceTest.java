package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.nest.Nester;
import welumen.cut.pieces.FromPattern;
import welumen.cut.stock.Stock;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.Patterns;
import welumen.pattern.draft.DraftText;

/** A plan that does not hold any more says so. */
class DrawnSinceTest {
    private static final PartId PART = new PartId("console");

    private Patterns patterns = Patterns.EMPTY;
    private final Laid laid;

    DrawnSinceTest() {
        draw("top 300 x 200");
        draw("side 250 x 120");
        draw("back 150 x 120");
        var roll = new Stock.Roll("roll", "tan vinyl", 1400, 3000, 20, 0, 0);
        var problem = new CutProblem(3, FromPattern.pieces(patterns), List.of(roll), List.of());
        laid = new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(2), (_, _) -> {}, () -> false));
    }

    private String draw(String line) {
        var piece = DraftText.read(line, PART, "tan vinyl").orThrow().piece();
        make(new PieceDrawn(piece));
        return piece.id();
    }

    private void make(PatternChange change) {
        patterns = patterns.after(change);
    }

    private String said() {
        return DrawnSince.of(laid, patterns, FromPattern.pieces(patterns), CutLog.EMPTY)
                .map(DrawnSince::said)
                .orElse("");
    }

    @Test
    void whileAllIsAsItWasLaidOutThePlanHolds() {
        assertThat(said()).isEmpty();
        draw("top 300 x 200");
        assertThat(said()).as("drawn anew, and the same").isEmpty();
    }

    @Test
    void whatIsNewOrChangedOrDroppedOrHeldBackIsCounted() {
        draw("lid 100 x 100");
        draw("flap 100 x 60");
        draw("top 320 x 200");
        assertThat(said()).isEqualTo("2 new, 1 changed: lay out again");
        var side = patterns.pieces().get(1).id();
        make(new CutHeld(side, "the bezel"));
        assertThat(said()).isEqualTo("2 new, 1 changed, 1 not to be cut as it stands: lay out again");
        make(new PieceDropped(patterns.pieces().get(2).id()));
        assertThat(said()).endsWith("1 dropped: lay out again");
    }

    @Test
    void planCardAndTableNumberAPieceAlike() {
        var stock = laid.problem().stock("roll");
        for (var entry : CutCard.of(laid.problem(), laid.plan(), stock).entries())
            assertThat(laid.problem().pieces().get(entry.number() - 1).id()).isEqualTo(entry.piece());
        assertThat(laid.problem().pieces()).extracting(CutPiece::id).hasSize(3);
        assertThat(laid.plan()).isInstanceOf(CutPlan.class);
    }
}
