package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.Turns;
import welumen.cut.pieces.FromPattern;
import welumen.finish.FinishBook;
import welumen.pattern.PartMakeup.Known;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Makeup;
import welumen.pattern.piece.Under;
import welumen.stores.JobNeeds;
import welumen.treatment.Matter;

class PartMakeupTest {
    private static final List<Known> HERE = List.of(
            new Known("brown hide", Matter.LEATHER),
            new Known("black hide", Matter.LEATHER),
            new Known("grey carpet", Matter.CARPET),
            new Known("headcloth", Matter.CLOTH));

    private static Part part(String name, PartKind kind, String material) {
        return new Part(PartId.named(name), name, kind, Side.LEFT, Spot.FLOOR_FRONT_LEFT, material, Supply.NOT_KNOWN);
    }

    private static Makeup of(String name, PartKind kind, String material) {
        return PartMakeup.of(part(name, kind, material), HERE);
    }

    @Test
    void aCarpetIsCarpetGluedToAFloorWithoutAGradeAndItsPileToTheRear() {
        assertThat(of("left front carpet", PartKind.CARPET, ""))
                .isEqualTo(new Makeup("grey carpet", 0, new Grain.NapToward(270), Under.FLOOR));
    }

    @Test
    void ofSeveralOfAKindTheOneIsMeantThatTheNoteNames() {
        assertThat(of("seat", PartKind.SEAT, "black leather").material()).isEqualTo("black hide");
        assertThat(of("seat", PartKind.SEAT, "").grade()).isEqualTo(1);
        assertThat(of("seat", PartKind.SEAT, "").grain()).isEqualTo(new Grain.StretchAlong(0));
        assertThat(of("headlining", PartKind.HEADLINING, "").material()).isEqualTo("headcloth");
        assertThat(of("door card", PartKind.DOOR_CARD, "tan vinyl on board"))
                .isEqualTo(new Makeup("tan vinyl", 0, new Grain.AnyWay(), Under.BOARD));
    }

    /** 0.84 m² on a floor: two faces, 0.84 ÷ 3 + 0.84 ÷ 4 = 0.49 cans, × 1.10 ÷ 0.92 = 0.586, so one. */
    @Test
    void aTypedCarpetHasItsAdhesiveAndIsNotTurnedOnItsRoll() {
        var piece = DraftText.read("floor 1200 x 700", PartId.named("left front carpet"), of("c", PartKind.CARPET, ""))
                .orThrow()
                .piece();
        var needs =
                JobNeeds.of(Patterns.of(List.of(piece), List.of()), new CuttingTable.Clear(), FinishBook.EMPTY, 6, "£");
        var glue = needs.stream()
                .filter(need -> need.material().contains("adhesive"))
                .findFirst()
                .orElseThrow();
        assertThat(glue.amount()).isEqualTo("1 can");
        assertThat(glue.working())
                .anyMatch(line -> line.contains("0.84 m² × 1 ÷ 3 m² a can = 0.28"))
                .anyMatch(line -> line.contains("0.84 m² × 1 ÷ 4 m² a can = 0.21"))
                .anyMatch(line -> line.endsWith("= 0.59, so 1"));
        CutPiece cut =
                FromPattern.pieces(Patterns.of(List.of(piece), List.of())).getFirst();
        assertThat(cut.turns()).isEqualTo(new Turns.Listed(List.of(-270.0)));
        assertThat(cut.grade()).as("no grade is asked for").isEqualTo(4);
    }

    @Test
    void allOfItCanBeChangedLater() {
        var piece = DraftText.read("floor 1200 x 700", PartId.named("left front carpet"), "leather")
                .orThrow()
                .piece();
        var carpet = new Makeup("grey carpet", 0, new Grain.NapToward(90), Under.FLOOR);
        assertThat(piece.madeOf(carpet).makeup()).isEqualTo(carpet);
        assertThat(piece.madeOf(carpet).edges()).isEqualTo(piece.edges());
    }
}
