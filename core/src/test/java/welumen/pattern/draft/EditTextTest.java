package welumen.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.measure.Parsed.Refused;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.SeamWalk;
import welumen.pattern.Trial;
import welumen.pattern.piece.Face;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Point;

class EditTextTest {
    private static final Piece PANEL = Pieces.rectangle("panel", 400, 300);
    private static final Piece BAND = Pieces.rectangle("band", 400, 60);
    private static final Patterns BOTH = Patterns.of(
            List.of(PANEL, BAND), List.of(new Seam(new Side(PANEL.id(), 0), new Side(BAND.id(), 2), 0, false)));

    private static Patterns after(Patterns patterns, List<PatternChange> changes) {
        var all = patterns;
        for (var change : changes) all = all.after(change);
        return all;
    }

    private static Patterns typed(int edge, String... lines) {
        var patterns = BOTH;
        for (var line : lines)
            patterns = after(
                    patterns,
                    EditText.read(line, patterns, patterns.findOne(PANEL.id()).orElseThrow(), edge)
                            .orThrow());
        return patterns;
    }

    private static Piece panel(int edge, String... lines) {
        return typed(edge, lines).findOne(PANEL.id()).orElseThrow();
    }

    @Test
    void edgesAreBowedMovedAndNotched() {
        assertThat(panel(0, "bow 20").net().box().minY()).isCloseTo(-20, within(0.01));
        assertThat(panel(0, "Bow in 2 cm").net().area()).isLessThan(120_000);
        assertThat(panel(1, "out 15").net().area()).isCloseTo(415 * 300, within(1e-6));
        assertThat(panel(1, "in 15").net().area()).isCloseTo(385 * 300, within(1e-6));
        assertThat(panel(0, "notch 40 x 25 at 150").net().area()).isCloseTo(119_000, within(1e-6));
        assertThat(panel(0, "notch 40 x 25 at 150").edges()).hasSize(6);
        assertThat(panel(0, "split at 100").lengthMm(0)).isCloseTo(100, within(1e-9));
        assertThat(panel(0, "named front edge").edges().getFirst().name()).isEqualTo("front edge");
    }

    @Test
    void whatIsMadeFullerIsGatheredIn() {
        var full = typed(0, "fuller 30 through");
        assertThat(full.findOne(PANEL.id()).orElseThrow().lengthMm(2)).isCloseTo(430, within(0.01));
        var seam = full.seams().getFirst();
        assertThat(seam.easeMm()).isEqualTo(30);
        assertThat(seam.other().piece()).isEqualTo(PANEL.id());
        assertThat(SeamWalk.of(full, seam).offMm()).isCloseTo(0, within(0.01));
    }

    @Test
    void aPieceIsCutInTwoByEdgesAndPlaces() {
        var parted = typed(0, "cut from 120 to edge 3 at 280");
        assertThat(parted.pieces()).extracting(Piece::name).contains("panel, left half", "panel, right half");
        assertThat(parted.pieces().stream()
                        .filter(piece -> piece.name().contains("left"))
                        .findFirst()
                        .orElseThrow()
                        .net()
                        .area())
                .isCloseTo(120 * 300, within(1e-6));
    }

    @Test
    void holesRoomsAndOpeningsAreFromTheCornerOfTheEdge() {
        var pierced = panel(1, "punched 5 at 40, 60 for trim screw", "cross slit 24 at 100, 60 turned 90 in the car");
        var first = pierced.inside().piercings().getFirst();
        assertThat(first.at().to(new Point(340, 40))).isLessThan(1e-9);
        assertThat(first.what()).isEqualTo("trim screw");
        assertThat(pierced.inside().piercings().getLast().kind()).isEqualTo(Piercing.Kind.CROSS_SLIT);
        assertThat(pierced.inside().piercings().getLast().made()).isEqualTo(Piercing.Made.IN_THE_CAR);
        var free = panel(0, "free 60 x 40 at 200, 150 for the lever", "open 60 x 40 at 200, 150");
        assertThat(free.inside().keepOuts().getFirst().room().box().middle()).isEqualTo(new Point(200, 150));
        assertThat(free.holes().getFirst().area()).isCloseTo(2400, within(1e-6));
    }

    @Test
    void howItLiesAndWhatItWaitsFor() {
        assertThat(panel(0, "nap 90").grain()).isEqualTo(new Grain.NapToward(90));
        assertThat(panel(0, "stretch -45", "any way").grain()).isEqualTo(new Grain.AnyWay());
        assertThat(panel(0, "face down").face()).isEqualTo(Face.DOWN);
        assertThat(panel(0, "pair").pairing()).isEqualTo(Pairing.LEFT_AND_RIGHT);
        assertThat(typed(0, "waits for the bezel").known().awaited()).containsEntry(PANEL.id(), "the bezel");
        assertThat(typed(0, "waits for the bezel", "comes").known().awaited()).isEmpty();
        assertThat(typed(0, "drop").pieces()).containsExactly(BAND);
    }

    @Test
    void anEdgeIsConfirmedOnlyOnceItWasFitted() {
        var left = typed(1, "left long 30");
        var piece = left.findOne(PANEL.id()).orElseThrow();
        assertThat(piece.edges().get(1).leftLongMm()).isEqualTo(30);
        assertThat(EditText.read("confirmed", left, piece, 1)).isInstanceOf(Refused.class);
        var fitted = left.after(new TrialNoted(new Trial(
                piece.id(), 1, Trial.Of.DRY_FIT, "", "", 14, true, LocalDate.of(2026, 4, 14), List.of(), List.of())));
        assertThat(after(fitted, EditText.read("confirmed", fitted, piece, 1).orThrow())
                        .findOne(PANEL.id())
                        .orElseThrow()
                        .edges()
                        .get(1)
                        .leftLongMm())
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "make it nicer",
                "bow",
                "bow wide",
                "out ten",
                "split at 900",
                "notch 40 x 25 at 10",
                "cut from 120 to edge 9 at 280",
                "cut from 120 to 1 at 280",
                "punched 5 at 900, 60",
                "punched 900 at 40, 60",
                "open 600 x 40 at 200, 150",
                "left long 900",
                "fuller 4000",
                "out -5",
            })
    void whatCannotBeDoneIsRefusedInWords(String line) {
        assertThat(EditText.read(line, BOTH, PANEL, 0))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.why()).contains(".").doesNotContain("null"));
    }
}
