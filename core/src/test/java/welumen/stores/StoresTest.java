package welumen.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.Stock;
import welumen.cut.Stretch;
import welumen.pattern.Edge;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Grain;
import welumen.pattern.Pairing;
import welumen.pattern.Piece;
import welumen.pattern.Under;
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
        var need = FromStock.need(new CuttingTable.Laid(problem, plan), "£").orElseThrow();
        assertThat(need.amount()).isEqualTo("1 sage hide, 1.5 m of carpet");
        assertThat(need.working().getLast()).contains("£381.00");
        assertThat(FromStock.need(new CuttingTable.Clear(), "£")).isEmpty();
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
        assertThat(SewingThread.metres(10_000, SewingThread.Setting.LEATHER)).isCloseTo(37.95, within(1e-9));
        assertThat(SewingThread.bobbins(10_000, SewingThread.Setting.LEATHER)).isEqualTo(1);
        assertThat(SewingThread.bobbins(40_000, SewingThread.Setting.LEATHER)).isEqualTo(2);
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
        assertThat(JobNeeds.stitchRowsMm(piece)).isCloseTo(400, within(1e-9));
        var needs = JobNeeds.of(List.of(piece), new CuttingTable.Clear(), "£");
        assertThat(needs).extracting(Need::what).containsExactly("sewing thread", "contact adhesive, 500 ml aerosol");
    }
}
