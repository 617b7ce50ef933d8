package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.EdgeLeftLong;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Trial.Of;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.cutting.KeepOutCheck;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Point;

class ReadyToCutTest {
    private static final Piece PANEL = Pieces.rectangle("panel", 400, 300);

    private static Patterns after(PatternChange... changes) {
        var patterns = Patterns.of(List.of(PANEL), List.of());
        for (var change : changes) patterns = patterns.after(change);
        return patterns;
    }

    private static TrialNoted trial(int number, Of of, boolean isAccepted, double hours) {
        return new TrialNoted(new Trial(
                PANEL.id(), number, of, "", "", hours, isAccepted, LocalDate.of(2026, 4, 14), List.of(), List.of()));
    }

    @Test
    void aPieceThatWaitsIsNotCut() {
        var held = after(new CutHeld(PANEL.id(), "the bezel"));
        assertThat(ReadyToCut.reasons(held, PANEL)).containsExactly("it waits for the bezel");
        assertThat(ReadyToCut.reasons(held.after(new CutFreed(PANEL.id())), PANEL))
                .isEmpty();
    }

    @Test
    void aTrialMustBeAcceptedBeforeDearStockIsCut() {
        var tried = after(trial(1, Of.CARD, false, 0));
        assertThat(ReadyToCut.reasons(tried, PANEL)).singleElement().asString().contains("card trial 1");
        assertThat(ReadyToCut.reasons(tried.after(trial(2, Of.CARD, true, 0)), PANEL))
                .isEmpty();
        assertThat(tried.after(trial(2, Of.CARD, true, 0))
                        .known()
                        .acceptedOf(PANEL.id())
                        .orElseThrow()
                        .number())
                .isEqualTo(2);
    }

    /** What was accepted is that outline, and no other. */
    @Test
    void aPieceDrawnOtherwiseSinceItWasAcceptedIsTriedAgain() {
        var accepted = after(new TrialNoted(new Trial(
                PANEL.id(),
                3,
                Of.CARD,
                "",
                "",
                0,
                true,
                LocalDate.of(2026, 4, 14),
                List.of("cafe"),
                PANEL.net().corners())));
        assertThat(ReadyToCut.reasons(accepted, PANEL)).isEmpty();
        var longer = EdgeEdit.moved(PANEL, 1, 7).orThrow();
        assertThat(ReadyToCut.reasons(accepted, longer))
                .singleElement()
                .asString()
                .contains("up to 7 mm", "version 3");
    }

    @Test
    void aPieceIsNotCutWhileWhatMovesHasTooLittleRoom() {
        var tight = new Clearance("lever", 20, 15, 8, List.of(PANEL.part()));
        assertThat(ReadyToCut.reasons(after(new ClearanceMeasured(tight)), PANEL))
                .containsExactly("lever will not move freely: 12 mm are left of 15 mm");
        var elsewhere = new Clearance("lever", 20, 15, 8, List.of());
        assertThat(ReadyToCut.reasons(after(new ClearanceMeasured(elsewhere)), PANEL))
                .isEmpty();
        var free = new Clearance("lever", 20, 15, 4, List.of(PANEL.part()));
        assertThat(ReadyToCut.reasons(after(new ClearanceMeasured(tight), new ClearanceMeasured(free)), PANEL))
                .isEmpty();
    }

    @Test
    void anEdgeLeftLongIsCutLateOnly() {
        var left = after(new EdgeLeftLong(PANEL.id(), 1, 30));
        var piece = left.pieces().getFirst();
        assertThat(CuttingLine.of(piece).box().width()).isEqualTo(400 + 10 + 10 + 30);
        assertThat(piece.net()).isEqualTo(PANEL.net());
        assertThat(ReadyToCut.confirming(left, piece).orElseThrow()).contains("No dry fit");
        assertThat(ReadyToCut.confirming(left.after(trial(1, Of.DRY_FIT, false, 20)), piece)
                        .orElseThrow())
                .contains("not accepted");
        assertThat(ReadyToCut.confirming(left.after(trial(1, Of.DRY_FIT, true, 2)), piece)
                        .orElseThrow())
                .contains("2 hours only");
        assertThat(ReadyToCut.confirming(left.after(trial(1, Of.DRY_FIT, true, 14)), piece))
                .isEmpty();
    }

    @Test
    void sidesThatDifferWantAWord() {
        var measured = after(new StationMeasured(PANEL.id(), new SideStation("dash to sill", 400, 368, "")));
        assertThat(ReadyToCut.reasons(measured, PANEL))
                .singleElement()
                .asString()
                .contains("32 mm at dash to sill");
        var said = measured.after(new StationMeasured(PANEL.id(), new SideStation("dash to sill", 400, 368, "duct")));
        assertThat(ReadyToCut.reasons(said, PANEL)).isEmpty();
        assertThat(said.known().stations().get(PANEL.id())).hasSize(1);
    }

    @Test
    void aClearanceIsKeptOrNot() {
        var lever = new Clearance("handbrake", 22, 15, 6, List.of());
        assertThat(lever.isKept()).isTrue();
        assertThat(lever.leftMm()).isEqualTo(16);
        assertThat(new Clearance("handbrake", 22, 15, 8, List.of()).isKept()).isFalse();
        var twice = after(
                new ClearanceMeasured(lever), new ClearanceMeasured(new Clearance("handbrake", 30, 15, 8, List.of())));
        assertThat(twice.known().clearances()).hasSize(1);
    }

    /** The allowance counts, and a hole lets through what needs it. */
    @Test
    void whatLiesInTheWayIsShown() {
        var room = new Outline(
                List.of(new Point(405, 100), new Point(450, 100), new Point(450, 150), new Point(405, 150)));
        var panel = PANEL.with(Inside.NOTHING.with(new KeepOut("lever", room)));
        var offence = KeepOutCheck.of(panel).getFirst();
        assertThat(offence.where().area()).isEqualTo(5 * 50);
        assertThat(KeepOutCheck.of(panel.withEdge(1, EdgeFinish.RAW, 0))).isEmpty();
        var within = new Outline(
                List.of(new Point(100, 100), new Point(150, 100), new Point(150, 150), new Point(100, 150)));
        var open = PANEL.with(Inside.holes(List.of(within)).with(new KeepOut("grille", within)));
        assertThat(KeepOutCheck.of(open)).isEmpty();
        assertThat(KeepOutCheck.of(PANEL.with(Inside.NOTHING.with(new KeepOut("grille", within)))))
                .hasSize(1);
    }

    @Test
    void clearancesAndStationsAreReadAsTheyAreSaid() {
        assertThat(Clearance.read("handbrake lever 22 free, 15 needed, 6 taken", 0, List.of())
                        .orThrow())
                .isEqualTo(new Clearance("handbrake lever", 22, 15, 6, List.of()));
        assertThat(Clearance.read("door to seal 1/4 in free, 4 mm needed", 0, List.of())
                        .orThrow())
                .isEqualTo(new Clearance("door to seal", 6.35, 4, 0, List.of()));
        for (var wrong : List.of("", "lever", "lever 22 free", "22 free, 15 needed", "lever much free, 15 needed"))
            assertThat(Clearance.read(wrong, 0, List.of()).understood()).isEmpty();
        assertThat(SideStation.read("dash to sill 412 / 380, because the duct comes down there")
                        .orThrow())
                .isEqualTo(new SideStation("dash to sill", 412, 380, "the duct comes down there"));
        assertThat(SideStation.read("sill to floor 118/119").orThrow().because())
                .isEmpty();
        for (var wrong : List.of("", "dash to sill 412", "412 / 380", "dash to sill 412 / low"))
            assertThat(SideStation.read(wrong).understood()).isEmpty();
    }
}
