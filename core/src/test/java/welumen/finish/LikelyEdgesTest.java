package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.clock.WorkLog;
import welumen.finish.mask.Edge;
import welumen.finish.mask.LikelyEdges;
import welumen.shape.Point;
import welumen.strip.LearntTimes;
import welumen.strip.StripLog;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.Survey;
import welumen.survey.SurveyChange.FindingMade;

/** What lies at the edge of a part that is sprayed, guessed from where it sits. */
class LikelyEdgesTest {
    private static final PartId CARD = new PartId("card");
    private static final Cabin CABIN = Cabin.EMPTY.after(new PartsListed(List.of(
            part("card", PartKind.DOOR_CARD, Spot.CARD_FRONT_LEFT),
            part("pull", PartKind.HANDLE, Spot.CARD_FRONT_LEFT).within(CARD),
            part("lamp", PartKind.VENT, Spot.CARD_FRONT_LEFT),
            part("mat", PartKind.MAT, Spot.CARD_FRONT_LEFT),
            part("other", PartKind.DOOR_CARD, Spot.CARD_FRONT_RIGHT))));

    private static Part part(String id, PartKind kind, Spot spot) {
        return new Part(new PartId(id), id, kind, Side.LEFT, spot, "", Supply.STILL_MADE);
    }

    private static List<Edge> edges(Survey survey) {
        return new LikelyEdges(CABIN, StripLog.EMPTY, survey, new LearntTimes(CABIN, WorkLog.EMPTY)).of(CARD);
    }

    /** What sits on it laps it and comes off; what is beside it shares a part of its edge; what lies loose has none. */
    @Test
    void whatSitsOnItAndWhatIsBesideIt() {
        var edges = edges(Survey.EMPTY);
        assertThat(edges).extracting(edge -> edge.beside().value()).containsExactly("pull", "lamp");
        assertThat(edges.getFirst().isLapped()).isTrue();
        assertThat(edges.getFirst().isMasked()).isFalse();
        assertThat(edges.getLast().isLapped()).isFalse();
        assertThat(edges).allSatisfy(edge -> assertThat(edge.edgeM()).isBetween(0.1, 4.0));
        assertThat(edges).allSatisfy(edge -> assertThat(edge.offHours()).isPositive());
    }

    /** What was found brittle is masked, even where it laps. */
    @Test
    void whatMayBreakIsMasked() {
        var survey = Survey.EMPTY.after(new FindingMade(
                new Finding(1, new PartId("pull"), FindingKind.BRITTLE, new Point(0, 0), 10, Severity.BAD, "")));
        assertThat(edges(survey).getFirst().isBrittle()).isTrue();
        assertThat(edges(survey).getFirst().isMasked()).isTrue();
    }
}
