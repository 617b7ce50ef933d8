package welumen.pattern.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.Stitching;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

class SewingOrderTest {
    /** A rectangle whose third edge is bowed where it is asked for. */
    private static Piece piece(String name, double wide, double high, boolean isBowed, String... edgeNames) {
        var lines = List.of(
                List.of(new Point(0, 0)),
                List.of(new Point(wide, 0)),
                isBowed
                        ? List.of(new Point(wide, high), new Point(wide / 2, high + wide / 3))
                        : List.of(new Point(wide, high)),
                List.of(new Point(0, high)));
        var edges = new ArrayList<Edge>();
        for (var i = 0; i < 4; i++)
            edges.add(new Edge(i < edgeNames.length ? edgeNames[i] : "", lines.get(i), EdgeFinish.SEWN, 10));
        return new Piece(
                name, new PartId("seat"), name, "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }

    private static Seam seam(String one, int edge, String other, int otherEdge, boolean isTopstitched) {
        return new Seam(new Side(one, edge), new Side(other, otherEdge), 0, isTopstitched);
    }

    /** Two small flaps go into the big panel one by one; the ring of two seams between the same pieces is closed last. */
    @Test
    void smallPartsFirstAndRingsLast() {
        var pieces =
                List.of(piece("panel", 600, 500, false), piece("flap", 100, 80, false), piece("tab", 60, 40, false));
        var flapToTab = seam("flap", 0, "tab", 0, false);
        var flapToPanel = seam("flap", 2, "panel", 0, false);
        var again = seam("flap", 1, "panel", 2, false);
        var order = SewingOrder.of(pieces, List.of(again, flapToPanel, flapToTab));
        assertThat(order.steps().getFirst().seam()).isEqualTo(flapToTab);
        assertThat(order.steps().getLast().why()).contains("closes a ring");
    }

    @Test
    void straightBeforeCurved() {
        var pieces = List.of(piece("a", 300, 300, true), piece("b", 300, 300, false), piece("c", 300, 300, false));
        var curved = seam("a", 2, "b", 0, false);
        var straight = seam("a", 0, "c", 0, false);
        assertThat(SewingOrder.of(pieces, List.of(curved, straight))
                        .steps()
                        .getFirst()
                        .seam())
                .isEqualTo(straight);
    }

    /** Its neighbour on the panel would hold the end of the topstitch down. */
    @Test
    void topstitchBeforeTheSeamThatTrapsIt() {
        var pieces = List.of(piece("a", 300, 300, false), piece("b", 300, 300, false), piece("c", 100, 100, false));
        var topstitched = seam("a", 0, "b", 0, true);
        var across = seam("a", 1, "c", 0, false);
        var order = SewingOrder.of(pieces, List.of(across, topstitched));
        assertThat(order.steps().getFirst().seam()).isEqualTo(topstitched);
        assertThat(order.steps().getFirst().why()).contains("topstitch");
    }

    /** Sewn first, it would put the panel under the machine with the flap, and its ring would be the machine's to close. */
    @Test
    void whatIsSewnByHandWaitsForTheMachine() {
        var pieces =
                List.of(piece("panel", 600, 500, false), piece("flap", 100, 80, false), piece("tab", 60, 40, false));
        var byHand = seam("flap", 2, "panel", 0, true)
                .stitched(Stitching.USUAL.read("by hand").orThrow());
        var flapToTab = seam("flap", 0, "tab", 0, false);
        var tabToPanel = seam("tab", 2, "panel", 2, false);
        var order = SewingOrder.of(pieces, List.of(byHand, flapToTab, tabToPanel));
        assertThat(order.steps().getLast().seam()).isEqualTo(byHand);
        assertThat(order.steps().getLast().why()).startsWith("by hand");
        assertThat(order.steps()).extracting(SewingOrder.Step::why).noneMatch(why -> why.contains("closes a ring"));
    }

    /** Against every order there is of five seams thrown by chance, gone through by itself. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noOrderIsCheaper(long seed) {
        var random = new Random(seed);
        var pieces = new ArrayList<Piece>();
        for (var i = 0; i < 5; i++)
            pieces.add(piece("p" + i, 50 + random.nextInt(600), 50 + random.nextInt(600), random.nextBoolean()));
        var seams = new ArrayList<Seam>();
        while (seams.size() < 5) {
            var a = random.nextInt(5);
            var b = random.nextInt(5);
            if (a != b) seams.add(seam("p" + a, random.nextInt(4), "p" + b, random.nextInt(4), random.nextInt(3) == 0));
        }
        var order = SewingOrder.of(pieces, seams);
        assertThat(order.steps()).extracting(SewingOrder.Step::seam).containsExactlyInAnyOrderElementsOf(seams);
        var least = cheapest(pieces, seams, new ArrayList<>());
        var found = order.steps().stream().map(SewingOrder.Step::seam).toList();
        // pieces that do not hang together are ordered each for itself
        assertThat(SewingOrder.costOf(pieces, found)).isCloseTo(least, within(1e-9));
        assertThat(order.cost()).isCloseTo(least, within(1e-9));
    }

    private static double cheapest(List<Piece> pieces, List<Seam> left, List<Seam> order) {
        if (left.isEmpty()) return SewingOrder.costOf(pieces, order);
        var best = Double.MAX_VALUE;
        for (var seam : left) {
            var fewer = new ArrayList<>(left);
            fewer.remove(seam);
            order.add(seam);
            best = Math.min(best, cheapest(pieces, fewer, order));
            order.removeLast();
        }
        return best;
    }

    /** A ring of eighty pieces, more than are ordered exactly: every seam once, and the one that closes it last. */
    @Test
    void manySeamsAreOrderedOneByOne() {
        var pieces = new ArrayList<Piece>();
        var seams = new ArrayList<Seam>();
        for (var i = 0; i < 80; i++) {
            pieces.add(piece("p" + i, 100 + i, 100, false));
            seams.add(seam("p" + i, 0, "p" + (i + 1) % 80, 2, false));
        }
        var order = SewingOrder.of(pieces, seams);
        assertThat(order.steps()).extracting(SewingOrder.Step::seam).containsExactlyInAnyOrderElementsOf(seams);
        assertThat(order.steps().getLast().why()).contains("closes a ring");
        assertThat(order.steps().subList(0, 79)).noneMatch(step -> step.why().contains("closes a ring"));
    }

    @Test
    void aSeamNamesWhatIsThere() {
        assertThatThrownBy(() ->
                        SewingOrder.of(List.of(piece("a", 10, 10, false)), List.of(seam("a", 0, "gone", 0, false))))
                .hasMessageContaining("gone");
        assertThatThrownBy(() -> new Seam(new Side("a", 0), new Side("a", 0), 0, false))
                .hasMessageContaining("itself");
    }

    /** An edge is sewn to one other; a piece that is drawn anew with other edges loses its seams. */
    @Test
    void seamsComeAndGo() {
        var patterns = Patterns.EMPTY
                .after(new PieceDrawn(piece("a", 100, 100, false)))
                .after(new PieceDrawn(piece("b", 100, 100, false)))
                .after(new SeamJoined(seam("a", 0, "b", 0, false)))
                .after(new SeamJoined(seam("a", 0, "b", 2, true)));
        assertThat(patterns.seams()).containsExactly(seam("a", 0, "b", 2, true));
        assertThat(patterns.after(new SeamTakenApart(seam("a", 0, "b", 2, true)))
                        .seams())
                .isEmpty();
        var same = patterns.after(new PieceDrawn(piece("a", 120, 100, false)));
        assertThat(same.seams()).hasSize(1);
        var other = piece("a", 100, 100, false);
        assertThat(patterns.after(new PieceDrawn(other.withEdges(other.edges().subList(0, 3))))
                        .seams())
                .isEmpty();
    }

    /** Named after each other and about as long; what is named alike but far longer is not meant. */
    @Test
    void likelySeamsNameEachOther() {
        var centre = piece("cushion centre", 400, 300, false, "front", "to the bolster");
        var bolster = piece("cushion bolster", 310, 100, false, "to the centre");
        var back = piece("backrest", 900, 500, false, "to the bolster");
        var likely = LikelySeams.among(List.of(centre, bolster, back), List.of());
        assertThat(likely).contains(seam("cushion bolster", 0, "cushion centre", 1, false));
        assertThat(LikelySeams.among(List.of(centre, bolster), likely)).doesNotContainAnyElementsOf(likely);
    }
}
