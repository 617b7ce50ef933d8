package welumen.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.finish.FinishBook;
import welumen.pattern.Lockstitch;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.Stitching;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.piece.Under;
import welumen.shape.Outline;
import welumen.shape.Shape;
import welumen.stores.Adhesive.Face;

class StoresTest {
    /** By hand: 6 ÷ 4 + 6 ÷ 3 = 3.5; × 1.1 ÷ 0.92 = 4.18, so five cans. */
    @Test
    void cansByBothFacesWasteAndTail() {
        var faces = List.of(new Face("board", 6, 4), new Face("foam", 6, 3));
        var need = Adhesive.need(faces, Adhesive.Product.AEROSOL);
        assertThat(Adhesive.cans(faces, Adhesive.Product.AEROSOL)).isEqualTo(5);
        assertThat(need.amount()).isEqualTo("5 cans");
        assertThat(need.working().getLast()).contains("4.18, so 5");
    }

    /** Of a roll the length that is used is taken, at its price a metre: 1.42 m at 50 are 71, beside a hide of 310. */
    @Test
    void hidesAreCountedAndRollsMeasured() {
        var hide = new Stock.Hide(
                "hide 1", "sage hide", new Shape(Outline.rectangle(2000, 2000)), 1, List.of(), new Stretch.Any(), 310);
        var roll = new Stock.Roll("roll 1", "carpet", 1370, 3000, 50, 0, 0);
        var plan = new CutPlan(
                List.of(),
                List.of(),
                List.of(
                        new CutPlan.SheetUse("hide 1", 2e6, 4e6, 4e6, 0),
                        new CutPlan.SheetUse("roll 1", 1e6, 4.11e6, 1.95e6, 1420)),
                1);
        var problem = new CutProblem(3, List.of(), List.of(hide, roll), List.of());
        var needs = FromStock.needs(new CuttingTable.Laid(problem, plan), "£");
        assertThat(needs).extracting(Need::said).containsExactly("1 sage hide", "1.5 m of carpet");
        assertThat(needs).extracting(Need::quantity).containsExactly(1.0, 1.5);
        assertThat(needs.get(0).working().getLast()).contains("£310.00");
        assertThat(needs.get(1).working().getLast()).contains("£71.00");
        assertThat(FromStock.needs(new CuttingTable.Clear(), "£")).isEmpty();
    }

    @Test
    void twoPassesTakeTwice() {
        var faces = List.of(new Face("board", 6, 4), new Face("foam", 6, 3));
        assertThat(Adhesive.cans(faces, new Adhesive.Product("x", 2, 0, 0))).isEqualTo(7);
        assertThat(Adhesive.cans(List.of(), Adhesive.Product.AEROSOL)).isZero();
    }

    /** By hand: 10 m at 4 mm are 2500 stitches of 2 × 4 + 2 × 2.6 = 13.2 mm: 33 m, with 15 % 37.95 m. */
    @Test
    void threadByStitchAndThickness() {
        var leather = Lockstitch.seam(4, "sage hide", "sage hide");
        assertThat(leather.threadMm(10_000)).isCloseTo(37_950, within(1e-6));
        assertThat(Lockstitch.seam(4, "loop carpet", "loop carpet").mmAStitch()).isEqualTo(28);
        assertThat(Lockstitch.quilted(4, "sage hide", Optional.of(20.0)).throughMm())
                .isCloseTo(9.3, within(1e-9));
        assertThat(SewingThread.bobbins(37.95)).isEqualTo(1);
        assertThat(SewingThread.bobbins(151.8)).isEqualTo(2);
        assertThatThrownBy(() -> new Lockstitch(0, 2)).hasMessageContaining("are none");
    }

    /** Two sewn sides of 100 shared with a neighbour count half each; the hem of 100 whole; the pair doubles it. */
    @Test
    void sharedSeamsAreSewnOnce() {
        var corners = Outline.rectangle(100, 100).corners();
        var finishes = List.of(EdgeFinish.SEWN, EdgeFinish.SEWN, EdgeFinish.HEM, EdgeFinish.RAW);
        var edges = new java.util.ArrayList<Edge>();
        for (var i = 0; i < 4; i++)
            edges.add(new Edge(
                    "",
                    List.of(corners.get(i)),
                    finishes.get(i),
                    finishes.get(i).allowanceMm()));
        var piece = new Piece(
                "p", new PartId("seat"), "p", "hide", Pairing.LEFT_AND_RIGHT, 2, new Grain.AnyWay(), Under.FOAM, edges);
        var patterns = Patterns.of(List.of(piece), List.of());
        assertThat(SewnRows.of(patterns)).singleElement().satisfies(rows -> {
            assertThat(rows.lengthMm()).isCloseTo(400, within(1e-9));
            assertThat(rows.threadMm()).isCloseTo(100 * 13.2 * 1.15, within(1e-9));
        });
        var needs = JobNeeds.of(patterns, new CuttingTable.Clear(), FinishBook.EMPTY, 6, "£");
        assertThat(needs)
                .extracting(Need::material)
                .containsExactly("sewing thread", "contact adhesive, 500 ml aerosol");
        assertThat(needs.getFirst().said()).isEqualTo("2 m of sewing thread");
        var face = piece.with(Inside.NOTHING.with(new Surface.Fluted(20, 90, 1.1)));
        assertThat(SewnRows.of(Patterns.of(List.of(face), List.of())))
                .as("what is fluted takes thread, too")
                .hasSize(2)
                .last()
                .matches(rows -> rows.what().startsWith("flutes and diamonds") && rows.lengthMm() > 400);
    }

    /** A seam of 100 in two rows of 5 mm: both edges bring their half, and all that the stores ask for is that. */
    @Test
    void aSeamAndTheStoresAgree() {
        var one = Pieces.rectangle("one", 100, 100);
        var other = Pieces.rectangle("other", 100, 100);
        var seam = new Seam(new Seam.Side(one.id(), 0), new Seam.Side(other.id(), 0), 0, false)
                .stitched(Stitching.USUAL.read("5 mm stitch, 2 rows 6 mm apart").orThrow());
        var plain = Patterns.of(List.of(one, other), List.of());
        var sewn = Patterns.of(List.of(one, other), List.of(seam));
        var half = one.edges().getFirst().finish().isShared() ? 0.5 : 1;
        assertThat(SewnRows.threadMm(sewn, seam)).isCloseTo(2 * half * 2 * 20 * 15.2 * 1.15, within(1e-6));
        var before = one.edges().getFirst().finish().rows() * 2 * half * 25 * 13.2 * 1.15;
        assertThat(all(sewn) - all(plain)).isCloseTo(SewnRows.threadMm(sewn, seam) - before, within(1e-6));
    }

    private static double all(Patterns patterns) {
        return SewnRows.of(patterns).stream().mapToDouble(SewnRows::threadMm).sum();
    }
}
