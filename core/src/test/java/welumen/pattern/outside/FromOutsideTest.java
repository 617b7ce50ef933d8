package welumen.pattern.outside;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

class FromOutsideTest {
    private static final PartId CARPET = new PartId("left-front-carpet");
    private static final PartId STRANGE = new PartId("warp-drive");

    private static Piece piece(PartId part) {
        return DraftText.read("pad 300 x 200", part, "loop carpet").orThrow().piece();
    }

    private static Parsed<List<Piece>> sound(Piece... pieces) {
        return FromOutside.sound(List.of(pieces), CARPET::equals, CARPET);
    }

    private static Piece called(Piece piece, String name, String id) {
        return new Piece(
                id,
                piece.part(),
                name,
                piece.material(),
                piece.pairing(),
                piece.grade(),
                piece.grain(),
                piece.under(),
                piece.edges());
    }

    @Test
    void aSoundPieceStaysAsItIs() {
        assertThat(sound(piece(CARPET)).orThrow()).containsExactly(piece(CARPET));
        var own = called(piece(CARPET), "pad", "a-name-of-its-own");
        assertThat(sound(own).orThrow()).containsExactly(own);
    }

    @Test
    void aPartThatTheCarDoesNotHaveIsThePickedOne() {
        var taken = sound(piece(STRANGE)).orThrow().getFirst();
        assertThat(taken.part()).isEqualTo(CARPET);
        assertThat(taken.id()).isEqualTo("left-front-carpet-pad");
    }

    @Test
    void whatCannotBeSeenIsLeftOutOfNames() {
        var taken = sound(called(piece(CARPET), "pad\u0007\n\u202e two\ud800", "pad\u0000"))
                .orThrow()
                .getFirst();
        assertThat(taken.name()).isEqualTo("pad two");
        assertThat(taken.id()).isEqualTo("left-front-carpet-pad-two");
        assertThat(sound(called(piece(CARPET), "\u0001", "x"))
                        .orThrow()
                        .getFirst()
                        .name())
                .isEqualTo("piece 1");
        assertThat(FromOutside.words("n".repeat(10_000))).hasSize(60);
    }

    @Test
    void twoOfOneNameAreTwo() {
        assertThat(sound(piece(CARPET), piece(CARPET), piece(STRANGE)).orThrow())
                .extracting(Piece::name)
                .containsExactly("pad", "pad (2)", "pad (3)");
        assertThat(sound(piece(CARPET), piece(CARPET)).orThrow())
                .extracting(Piece::id)
                .doesNotHaveDuplicates();
    }

    @Test
    void repeatedPlacesAreOne() {
        var edges = new ArrayList<>(piece(CARPET).edges());
        edges.set(0, edges.get(0).along(List.of(new Point(0, 0), new Point(0, 0), new Point(1e-5, 0))));
        var twice = piece(CARPET).withEdges(edges);
        assertThat(sound(twice).orThrow().getFirst().net().corners()).hasSize(4);
    }

    @Test
    void whatIsNoPieceIsRefusedByName() {
        var far = DraftText.read("pad 300 x 200", CARPET, "c").orThrow().piece();
        var large = far.withEdges(far.edges().stream()
                .map(edge -> edge.along(
                        edge.line().stream().map(point -> point.times(40)).toList()))
                .toList());
        assertThat(sound(large))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.why()).contains("pad", "no panel of a car is"));
    }
}
