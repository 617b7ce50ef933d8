package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.finish.load.HardPiece;
import welumen.finish.load.LikelyPieces;
import welumen.finish.load.PieceText;
import welumen.finish.sheen.SetUp;
import welumen.finish.sheen.SetUpText;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

class FinishTextsTest {
    /** A Monday. */
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 4, 20, 9, 0);

    private static HardPiece piece(String text) {
        return ((Understood<HardPiece>) new PieceText("p1", 0.1, "sage", NOW).read(text)).value();
    }

    @Test
    void aPieceIsTypedAsItIsSaid() {
        assertThat(piece("vent ring, 0.12 m2, dark, at the plater’s until Wed, hidden, airbag, 2 wait"))
                .isEqualTo(new HardPiece(
                        "p1",
                        "vent ring",
                        0.12,
                        NOW.withDayOfMonth(22).withHour(12),
                        2,
                        "dark",
                        true,
                        "airbag",
                        false,
                        "at the plater’s",
                        ""));
        assertThat(piece("vent ring, the electrician waits").who()).isEqualTo("the electrician");
        assertThat(piece("vent ring, the electrician waits").waitedFor()).isEqualTo(1);
        assertThat(piece("trim strip, turned").isTurned()).isTrue();
        assertThat(piece("ashtray front, 80 cm2").squareMetres()).isEqualTo(0.008);
        assertThat(piece("ashtray front").colour()).as("as of the one before").isEqualTo("sage");
        assertThat(piece("boss, held the seam opens").held()).isEqualTo("the seam opens");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "ring, until the moon", "ring, 0 m2", "ring, 900 m2"})
    void whatIsNoPieceIsRefused(String text) {
        assertThat(new PieceText("p1", 0.1, "dark", NOW).read(text)).isInstanceOf(Refused.class);
    }

    @Test
    void aSetUpIsTypedAsItIsSaid() {
        var said = ((Understood<SetUpText.Said>)
                        new SetUpText(18).read("satin lacquer, lot L 3, 180 mm, 4 passes, nozzle 1.2, wanted 30"))
                .value();
        assertThat(said.setUp()).isEqualTo(new SetUp("satin lacquer", "L 3", 180, 4, "1.2", 18));
        assertThat(said.target()).isEqualTo(30);
        var again = SetUpText.say(said.setUp(), said.target());
        assertThat(again).isEqualTo("satin lacquer, lot L 3, 180 mm, 4 passes, nozzle 1.2, wanted 30");
        assertThat(new SetUpText(18).read(again).orThrow()).isEqualTo(said);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "lacquer", "lacquer, wanted 300", "lacquer, quickly, wanted 30", "lacquer, 20 mm, wanted 30"
            })
    void whatIsNoSetUpIsRefused(String text) {
        assertThat(new SetUpText(18).read(text)).isInstanceOf(Refused.class);
    }

    /** The pieces of a part that nobody thinks of come along, what is listed already does not, and the boss is held. */
    @Test
    void theLikelyPiecesOfACar() {
        var cabin = Cabin.EMPTY.after(new PartsListed(BodyParts.of(Body.VAN, Side.RIGHT)));
        var all = LikelyPieces.of(cabin, List.of(), "dark", NOW, 1);
        assertThat(all).hasSizeGreaterThan(20);
        assertThat(all).extracting(HardPiece::id).doesNotHaveDuplicates();
        assertThat(all).filteredOn(HardPiece::isHeld).isNotEmpty();
        var rest = LikelyPieces.of(cabin, List.of(all.getFirst().name()), "dark", NOW, 1);
        assertThat(rest).hasSize(all.size() - 1);
    }
}
