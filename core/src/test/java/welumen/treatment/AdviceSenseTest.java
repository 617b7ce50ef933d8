package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;

/** Every kind of finding on every kind of part, read as a trimmer would. */
class AdviceSenseTest {
    private static final Set<Treatment> NEW =
            EnumSet.of(Treatment.BUY_REPRODUCTION, Treatment.BUY_USED, Treatment.MAKE_NEW);

    private static Part part(PartKind kind) {
        return new Part(new PartId("part"), "part", kind, Side.LEFT, Spot.SEAT_LEFT, "", Supply.NOT_KNOWN);
    }

    private static List<Candidate> ways(PartKind kind, FindingKind found, Severity severity, Terms terms) {
        var part = part(kind);
        return Candidates.of(part, List.of(new Finding(1, part.id(), found, new Point(0, 0), 30, severity, "")), terms);
    }

    private static Set<Treatment> offered(PartKind kind, FindingKind found, Severity severity) {
        return ways(kind, found, severity, Terms.USUAL).stream()
                .flatMap(way -> way.steps().stream())
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @EnumSource
    void noAdviceIsNonsense(FindingKind found) {
        var nonsense = new ArrayList<String>();
        for (var kind : PartKind.values())
            for (var severity : Severity.values()) {
                var offered = offered(kind, found, severity);
                var said = "%s, %s on a %s: ".formatted(found.word(), severity.word(), kind.word());
                if (found == FindingKind.MISSING_CLIP
                        && kind != PartKind.BELT
                        && offered.stream().anyMatch(NEW::contains)) nonsense.add(said + "a new part for a clip");
                if (severity == Severity.WORST)
                    offered.stream()
                            .filter(one -> one.keepsWhatIsThere() && one != Treatment.LEAVE)
                            .forEach(one -> nonsense.add(said + "past saving, and " + one.word()));
                if (kind == PartKind.SHELL && offered.stream().anyMatch(NEW::contains))
                    nonsense.add(said + "another shell");
                if (kind == PartKind.BELT
                        && offered.contains(Treatment.LEAVE)
                        && found != FindingKind.STAIN
                        && found != FindingKind.PAINT_SPLASH
                        && found != FindingKind.SMELL) nonsense.add(said + "left as it is");
            }
        assertThat(nonsense).isEmpty();
    }

    @Test
    void twoLostClipsAreReplacedAndNotThePart() {
        assertThat(offered(PartKind.DOOR_CARD, FindingKind.MISSING_CLIP, Severity.PLAIN))
                .containsExactlyInAnyOrder(Treatment.LEAVE, Treatment.REFIX);
    }

    @Test
    void aCarpetHolePastSavingIsNotLetIn() {
        assertThat(offered(PartKind.CARPET, FindingKind.HOLE, Severity.BAD)).contains(Treatment.LET_IN_PANEL);
        assertThat(offered(PartKind.CARPET, FindingKind.HOLE, Severity.WORST))
                .doesNotContain(Treatment.LET_IN_PANEL)
                .contains(Treatment.RECOVER);
    }

    @Test
    void aSunVisorGetsNoSpringsAndASeatDoes() {
        for (var severity : Severity.values())
            assertThat(offered(PartKind.VISOR, FindingKind.BROKEN_SPRING, severity))
                    .doesNotContain(Treatment.NEW_FOAM);
        assertThat(offered(PartKind.SEAT, FindingKind.BROKEN_SPRING, Severity.BAD))
                .contains(Treatment.NEW_FOAM);
        assertThat(offered(PartKind.GAUGES, FindingKind.FUNCTION_FAULT, Severity.BAD))
                .doesNotContain(Treatment.MAKE_NEW);
    }

    @Test
    void aPartThatComesInPlaceOfAnotherDoesNotStayOriginal() {
        for (var school : School.values()) {
            var terms = new Terms(PriceList.USUAL, TreatmentHours.USUAL, Map.of(school.question(), school));
            for (var kind : List.of(PartKind.CARPET, PartKind.SEAT, PartKind.DOOR_CARD))
                for (var way : ways(kind, FindingKind.HOLE, Severity.BAD, terms))
                    if (way.steps().contains(Treatment.BUY_REPRODUCTION))
                        assertThat(way.originality())
                                .as("%s, %s", school, kind)
                                .isLessThanOrEqualTo(Treatment.BUY_REPRODUCTION.originality());
        }
    }

    /** Of two ways that both meet the standard, finish speaks for neither. */
    @Test
    void aDearerWayIsNotFirstForAFinishThatNobodyWants() {
        for (var kind : PartKind.values())
            for (var standard : Standard.values()) {
                var ways = ways(kind, FindingKind.STAIN, Severity.BAD, Terms.USUAL);
                var weighing = Weighing.of(standard, ways);
                for (var way : ways)
                    if (way.finish().compareTo(standard.finishWanted()) >= 0)
                        assertThat(weighing.share(Criterion.FINISH, way)).isEqualTo(1);
            }
    }
}
