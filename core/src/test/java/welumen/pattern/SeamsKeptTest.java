package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

/** An edge that goes on stays sewn; one that is parted or joined does not, and that is said. */
class SeamsKeptTest {
    private static final List<Point> SQUARE =
            List.of(new Point(0, 0), new Point(400, 0), new Point(400, 300), new Point(0, 300));
    private static final List<String> NAMES = List.of("front", "right", "rear", "left");

    private final Piece cushion = square("cushion", NAMES);
    private final Piece bolster = square("bolster", NAMES);
    private final Patterns sewn = drawn(drawn(Patterns.EMPTY, cushion), bolster)
            .after(new SeamJoined(new Seam(side("cushion", 1), side("bolster", 3), 0, false)))
            .after(new SeamJoined(new Seam(side("cushion", 2), side("bolster", 0), 0, false)));

    private static Piece square(String name, List<String> names) {
        return new Piece(
                name,
                new PartId("seat"),
                name,
                "hide",
                Pairing.ONE,
                1,
                new Grain.AnyWay(),
                Under.NOTHING,
                IntStream.range(0, 4)
                        .mapToObj(i -> new Edge(names.get(i), List.of(SQUARE.get(i)), EdgeFinish.SEWN, 10))
                        .toList());
    }

    private static Side side(String piece, int edge) {
        return new Side(piece, edge);
    }

    private static Patterns drawn(Patterns patterns, Piece piece) {
        return patterns.after(new PieceDrawn(patterns.toldApart(piece)));
    }

    private Piece cushion() {
        return sewn.findOne("cushion").orElseThrow();
    }

    private Patterns edited(Parsed<Piece> edited) {
        assertThat(edited).isInstanceOf(Understood.class);
        return drawn(sewn, ((Understood<Piece>) edited).value());
    }

    @Test
    void anEdgeThatIsPartedLeavesTheOthersSewnThoughTheyHaveOtherPlacesNow() {
        var now = edited(EdgeEdit.split(cushion(), 0, 0.5));
        assertThat(now.seams()).extracting(Seam::one).containsExactly(side("cushion", 2), side("cushion", 3));
        assertThat(SeamsKept.lost(sewn, now)).isEmpty();
    }

    @Test
    void whatIsSewnToAPartedEdgeIsLostAndNamed() {
        var now = edited(EdgeEdit.split(cushion(), 1, 0.5));
        assertThat(now.seams()).extracting(Seam::one).containsExactly(side("cushion", 3));
        assertThat(SeamsKept.lost(sewn, now)).containsExactly("the cushion, right to the bolster, left");
    }

    @Test
    void aNotchInAnotherEdgeAndACornerThatIsMovedKeepAll() {
        assertThat(edited(EdgeEdit.notched(cushion(), 3, 150, 40, 20)).seams()).hasSize(2);
        assertThat(edited(EdgeEdit.cornerMoved(cushion(), 2, new Point(420, 310)))
                        .seams())
                .isEqualTo(sewn.seams());
    }

    /** Typed anew with one corner more: what is on the same line, or has a name of its own, goes on. */
    @Test
    void aPieceThatIsDrawnWhollyAnewKeepsWhatIsTheSameOrIsCalledTheSame() {
        var anew = cushion.withEdges(List.of(
                new Edge("front", List.of(new Point(0, 0)), EdgeFinish.SEWN, 10),
                new Edge("right", List.of(new Point(400, 0)), EdgeFinish.SEWN, 10),
                new Edge("corner", List.of(new Point(400, 250)), EdgeFinish.SEWN, 10),
                new Edge("back", List.of(new Point(350, 300)), EdgeFinish.SEWN, 10),
                new Edge("left", List.of(new Point(0, 300)), EdgeFinish.SEWN, 10)));
        var now = drawn(sewn, anew);
        assertThat(now.seams()).extracting(Seam::one).containsExactly(side("cushion", 1));
        assertThat(SeamsKept.lost(sewn, now)).containsExactly("the cushion, rear to the bolster, front");
    }

    /** A car of before: nobody told its edges apart, and the first half begins where the edge began. */
    @Test
    void aStraightEdgeOfAnOldPieceThatIsPartedIsNotItsFirstHalf() {
        var old = Patterns.EMPTY
                .after(new PieceDrawn(cushion))
                .after(new PieceDrawn(bolster))
                .after(new SeamJoined(new Seam(side("cushion", 1), side("bolster", 3), 0, false)))
                .after(new SeamJoined(new Seam(side("cushion", 2), side("bolster", 0), 0, false)));
        var parted = ((Understood<Piece>) EdgeEdit.split(cushion, 1, 0.5)).value();
        var now = drawn(old, parted);
        assertThat(now.seams()).extracting(Seam::one).containsExactly(side("cushion", 3));
        assertThat(SeamsKept.lost(old, now)).containsExactly("the cushion, right to the bolster, left");
    }

    /** Both have two edges that came later, of the same numbers: they are no edges of each other's. */
    @Test
    void aMirroredPieceThatIsDrawnInPlaceOfOneIsComparedWithIt() {
        var parted = edited(EdgeEdit.split(cushion(), 0, 0.5)); // the front of the left one
        var both = drawn(parted, Mirrored.of(cushion(), new PartId("other-seat"), "cushion"));
        var right = both.pieces().getLast();
        var rear = right.edges().stream().map(Edge::name).toList().indexOf("rear");
        both = drawn(both, ((Understood<Piece>) EdgeEdit.split(right, rear, 0.5)).value());
        var sewn = both.after(new SeamJoined(new Seam(side(right.id(), rear), side("bolster", 1), 0, false)));
        var anew = Mirrored.of(parted.findOne("cushion").orElseThrow(), new PartId("other-seat"), "cushion");
        assertThat(drawn(sewn, anew).seams())
                .filteredOn(seam -> seam.touches(right.id()))
                .allMatch(seam -> anew.edgeWord(seam.one().edge()).equals("rear"));
    }

    @Test
    void aPieceOfAnotherNameHasEdgesOfItsOwn() {
        assertThat(cushion().edges()).extracting(Edge::id).containsExactly(1, 2, 3, 4);
        assertThat(cushion().named("another").edges()).extracting(Edge::id).containsOnly(0);
    }

    @Test
    void aNumberIsNeverGivenToTwoEdges() {
        var now = edited(EdgeEdit.split(cushion(), 0, 0.5)).findOne("cushion").orElseThrow();
        assertThat(now.edges()).extracting(Edge::id).doesNotHaveDuplicates().doesNotContain(0);
    }

    /** What was written before edges were told apart is folded as it was then. */
    @Test
    void anOldEntryWithOtherEdgesTakesAllSeamsOfThePiece() {
        var untold = ((Understood<Piece>) EdgeEdit.split(cushion, 0, 0.5)).value();
        var old = Patterns.EMPTY
                .after(new PieceDrawn(cushion))
                .after(new PieceDrawn(bolster))
                .after(new SeamJoined(new Seam(side("cushion", 2), side("bolster", 0), 0, false)));
        assertThat(old.after(new PieceDrawn(cushion)).seams()).isEqualTo(old.seams());
        assertThat(old.after(new PieceDrawn(untold)).seams()).isEmpty();
    }
}
