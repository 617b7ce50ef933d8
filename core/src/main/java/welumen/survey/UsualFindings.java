package welumen.survey;

import static welumen.survey.FindingKind.BRITTLE;
import static welumen.survey.FindingKind.BROKEN_SEAM;
import static welumen.survey.FindingKind.BROKEN_TAB;
import static welumen.survey.FindingKind.DAMP;
import static welumen.survey.FindingKind.DEEP_CRACK;
import static welumen.survey.FindingKind.FADING;
import static welumen.survey.FindingKind.FINE_CRACK;
import static welumen.survey.FindingKind.FLAT_FOAM;
import static welumen.survey.FindingKind.HOLE;
import static welumen.survey.FindingKind.LOOSE_GLUE;
import static welumen.survey.FindingKind.MISSING_CLIP;
import static welumen.survey.FindingKind.PITTED_RUST;
import static welumen.survey.FindingKind.RUST_THROUGH;
import static welumen.survey.FindingKind.SCUFF;
import static welumen.survey.FindingKind.SHRUNK_COVER;
import static welumen.survey.FindingKind.STAIN;
import static welumen.survey.FindingKind.SURFACE_RUST;
import static welumen.survey.FindingKind.TEAR;
import static welumen.survey.FindingKind.WARPED_BOARD;
import static welumen.survey.FindingKind.WRONG_COLOUR;

import java.util.List;
import welumen.cabin.PartKind;

/** What is most often found on such a part, the likeliest first; it is offered to be tapped, and anything else is chosen. */
public final class UsualFindings {
    private UsualFindings() {}

    public static List<FindingKind> on(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT, COVER, HEADREST, ARMREST, GAITER, WHEEL ->
                List.of(SCUFF, FINE_CRACK, DEEP_CRACK, BROKEN_SEAM, TEAR, STAIN, FADING);
            case FOAM -> List.of(FLAT_FOAM, DAMP, STAIN, TEAR);
            case CARPET, UNDERLAY, MAT -> List.of(STAIN, DAMP, HOLE, FADING, TEAR, LOOSE_GLUE);
            case SHELL, FRAME, RUNNERS, RUNNER, SILL_COVER, RAIL, BATTERY ->
                List.of(SURFACE_RUST, PITTED_RUST, RUST_THROUGH, SCUFF, DAMP);
            case DOOR_CARD, BOARD, SHELF, KICK_PANEL, BULKHEAD, POCKET ->
                List.of(WARPED_BOARD, SCUFF, MISSING_CLIP, LOOSE_GLUE, STAIN, TEAR);
            case HEADLINING, HOOD, VISOR -> List.of(STAIN, TEAR, SHRUNK_COVER, LOOSE_GLUE, FADING);
            case DASH, PAD, FASCIA, CONSOLE, LID, COWL, DUCT, VENT, GAUGES, SWITCHGEAR, PILLAR, HANDLE, LAMP, MIRROR ->
                List.of(SCUFF, FINE_CRACK, BRITTLE, BROKEN_TAB, FADING, WRONG_COLOUR);
            case BELT, DOOR_SEAL, SHIELD -> List.of(TEAR, STAIN, BRITTLE, DAMP);
        };
    }
}
