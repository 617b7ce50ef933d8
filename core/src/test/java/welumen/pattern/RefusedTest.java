package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.pieces.FromPattern;
import welumen.pattern.PatternChange.CuttingAllowed;
import welumen.pattern.PatternChange.FigureSaid;
import welumen.pattern.PatternChange.LayersSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.draft.DraftText;
import welumen.pattern.layer.BendText;
import welumen.pattern.layer.BuildUp;
import welumen.pattern.layer.Layers;
import welumen.pattern.piece.Piece;

/** What was refused is neither laid out nor cut until it is mended, or somebody says why, by name. */
class RefusedTest {
    private static final PartId FLOOR = new PartId("left-front-carpet");
    private static final PartId LEFT = new PartId("left-kick-panel");
    private static final PartId RIGHT = new PartId("right-kick-panel");

    private Patterns patterns = Patterns.EMPTY;

    private Piece draw(PartId part, String line) {
        var piece = DraftText.read(line, part, "loop carpet").orThrow().piece();
        make(new PieceDrawn(piece));
        return piece;
    }

    private void make(PatternChange change) {
        patterns = patterns.after(change);
    }

    private List<String> against(Piece piece) {
        return ReadyToCut.reasons(patterns, piece);
    }

    private List<String> cut() {
        return FromPattern.pieces(patterns).stream().map(one -> one.id()).toList();
    }

    @Test
    void aSeamThatDoesNotWalkIsNotCutUntilEaseOrARedrawOrAWord() {
        var tunnel = draw(FLOOR, "tunnel 612 x 200");
        var heel = draw(FLOOR, "heel 618 x 300");
        var seam = new Seam(new Seam.Side(tunnel.id(), 0), new Seam.Side(heel.id(), 0), 0, false);
        make(new SeamJoined(seam));
        assertThat(against(tunnel))
                .singleElement()
                .asString()
                .contains("seam to the heel does not walk")
                .contains("612 mm to 618 mm, 6 mm off");
        assertThat(against(heel)).hasSize(1);
        assertThat(cut()).isEmpty();
        make(new SeamJoined(seam.eased(6)));
        assertThat(cut()).containsExactly(tunnel.id(), heel.id());
        make(new SeamJoined(seam));
        allow(tunnel);
        assertThat(cut()).as("the other is refused by itself").containsExactly(tunnel.id());
        draw(FLOOR, "heel 630 x 300");
        assertThat(cut()).as("it was allowed at 6 mm, not at 18").isEmpty();
    }

    private void allow(Piece piece) {
        for (var reason : ReadyToCut.against(patterns, piece))
            make(new CuttingAllowed(new CutAllowed(piece.id(), reason.key(), "it is stretched in", "Ada")));
    }

    @Test
    void aWordWithoutANameOrAReasonIsNone() {
        assertThatThrownBy(() -> new CutAllowed("a", "seam", " ", "Ada")).hasMessageContaining("why");
        assertThatThrownBy(() -> new CutAllowed("a", "seam", "it is stretched in", ""))
                .hasMessageContaining("who");
    }

    @Test
    void anOutlineIsNoPatternOnceWhatLiesBeneathHasGrown() {
        var floor = draw(FLOOR, "floor 1200 x 700");
        var grown = new Layers(
                BuildUp.read("0").orThrow(),
                BuildUp.read("2 + 16 crushed 30 %").orThrow(),
                BendText.read("4 sharp hollows, 2 ridges").orThrow());
        make(new LayersSaid(FLOOR, grown));
        assertThat(against(floor))
                .singleElement()
                .asString()
                .contains("no pattern")
                .contains("64 mm shorter");
        assertThat(cut()).isEmpty();
        draw(FLOOR, "floor 1136 x 700");
        assertThat(cut()).as("drawn for what lies beneath now").containsExactly(floor.id());
        make(new LayersSaid(FLOOR, new Layers(grown.before(), grown.before(), grown.way())));
        assertThat(cut()).containsExactly(floor.id());
    }

    @Test
    void aStationThatDiffersStopsBothOfTwoMirroredPieces() {
        var left = draw(LEFT, "left kick panel 420 x 310");
        var right = draw(RIGHT, "right kick panel 420 x 310");
        var other = draw(FLOOR, "floor 420 x 310");
        make(new StationMeasured(left.id(), new SideStation("dash to sill", 412, 380, "")));
        assertThat(against(left)).singleElement().asString().contains("32 mm");
        assertThat(against(right)).as("nobody knows which of the two is wrong").isEqualTo(against(left));
        assertThat(cut()).containsExactly(other.id());
        make(new StationMeasured(left.id(), new SideStation("dash to sill", 412, 380, "the duct comes down")));
        assertThat(cut()).hasSize(3);
    }

    @Test
    void whatWasTypedAtTheBenchIsKeptWithItsPart() {
        make(new FigureSaid(FLOOR, "turn-in", "22 mm"));
        assertThat(patterns.known().figure(FLOOR, "turn-in")).hasValue("22 mm");
        assertThat(patterns.known().figure(LEFT, "turn-in")).isEmpty();
        make(new FigureSaid(FLOOR, "turn-in", ""));
        assertThat(patterns.known().figure(FLOOR, "turn-in")).isEmpty();
    }

    @Test
    void layersAndBendsReadBackAsTheyWereSaid() {
        for (var typed : List.of("0", "2 + 16 crushed 30 %", "1.5 + 6")) {
            var read = BuildUp.read(typed).orThrow();
            assertThat(BuildUp.read(read.text()).orThrow()).isEqualTo(read);
        }
        for (var typed : List.of("4 sharp hollows, 2 ridges", "mitred ridge 60 and round hollow 45")) {
            var read = BendText.read(typed).orThrow();
            assertThat(BendText.read(BendText.of(read)).orThrow()).isEqualTo(read);
        }
    }
}
