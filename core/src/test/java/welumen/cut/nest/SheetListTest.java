package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import welumen.cut.StopSignal;
import welumen.pattern.Pieces;
import welumen.pattern.piece.Pairing;

class SheetListTest {
    @Test
    void everyPieceIsCutFromASheet() {
        var seat = Pieces.rectangle("seat", 900, 480).with(Pairing.TWO_ALIKE);
        var back = Pieces.rectangle("back", 850, 440).with(Pairing.LEFT_AND_RIGHT);
        var list = SheetList.of(List.of(seat, back), 2000, 1000, StopSignal.NEVER);
        assertThat(list.unplaced()).isEmpty();
        assertThat(list.sheets()).hasSize(1);
        assertThat(list.sheets().getFirst()).isEqualTo(Map.of("back left", 1, "back right", 1, "seat", 2));
    }

    @Test
    void whatIsLargerThanASheetIsNamed() {
        var list = SheetList.of(List.of(Pieces.rectangle("wall", 2400, 900)), 2000, 1000, StopSignal.NEVER);
        assertThat(list.unplaced()).containsExactly("wall");
        assertThat(list.sheets()).isEmpty();
    }
}
