package welumen.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.measure.Finish;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.treatment.Matter;

class SurveyTest {
    private static final Cabin CAR = new Cabin(BodyParts.of(Body.SALOON, Side.RIGHT));

    private static List<String> beneath(String part) {
        return Beneath.of(CAR, PartId.named(part)).stream().map(Part::name).toList();
    }

    /** A carpet asks for the floor beneath, a door card for the water shield, a cover for foam and frame. */
    @Test
    void whatLiesBeneathIsAskedFor() {
        assertThat(beneath("left front carpet")).startsWith("left front underlay", "left front floor");
        assertThat(beneath("left front door card")).containsExactly("left front water shield");
        assertThat(beneath("left seat cushion cover")).contains("left seat cushion foam", "left seat frame");
        assertThat(beneath("left sun visor")).isEmpty();
        var seen = Survey.EMPTY.after(new LookedAt(PartId.named("left front underlay")));
        assertThat(Beneath.unseen(CAR, seen, PartId.named("left front carpet")))
                .extracting(Part::name)
                .startsWith("left front floor");
    }

    @Test
    void marksMeasureThemselves() {
        var run = new Mark.Run(List.of(new Point(0, 0), new Point(30, 40), new Point(30, 140)));
        assertThat(run.sizeMm()).isCloseTo(150, within(1e-9));
        assertThat(run.at()).isEqualTo(new Point(30, 40));
        var patch = new Mark.Patch(Outline.rectangle(80, 50));
        assertThat(patch.sizeMm()).isEqualTo(80);
        assertThat(patch.at()).isEqualTo(new Point(40, 25));
        assertThat(new Mark.Dot(new Point(1, 2)).sizeMm()).isZero();
    }

    @Test
    void aFindIsALookAndAStopHolds() {
        var survey = Survey.EMPTY.after(new FindingMade(
                new Finding(1, Saloon.SILL, FindingKind.WIRING_FAULT, new Point(1, 1), 30, Severity.PLAIN, "")));
        assertThat(survey.looked()).containsExactly(Saloon.SILL);
        assertThat(survey.isHeld(Saloon.SILL)).isTrue();
        assertThat(survey.holds()).containsEntry(Saloon.SILL, "wiring fault");
    }

    /** A symptom holds its part until its cause is found; when it comes again, it is asked again. */
    @Test
    void aSymptomWaitsForItsCause() {
        var damp = new FindingMade(
                new Finding(1, Saloon.CARPET, FindingKind.DAMP, new Point(1, 1), 300, Severity.BAD, ""));
        var survey = Survey.EMPTY.after(damp);
        assertThat(survey.openCause(Saloon.CARPET)).contains(FindingKind.DAMP);
        var cured = survey.after(new CauseCured(Saloon.CARPET, "screen rubber; dry after ten minutes of the hose"));
        assertThat(cured.openCause(Saloon.CARPET)).isEmpty();
        assertThat(cured.after(damp).openCause(Saloon.CARPET)).isPresent();
        assertThatThrownBy(() -> new CauseCured(Saloon.CARPET, " ")).hasMessageContaining("where it came from");
        assertThat(FindingKind.all().filter(FindingKind::hasCause))
                .allMatch(kind -> !UsualCauses.of(kind).isEmpty());
    }

    /** A part is in one group at the most, and a group of one is none. */
    @Test
    void groupsOfPatinaReplaceEachOther() {
        var survey = Survey.EMPTY
                .after(new PatinaGrouped(List.of(Saloon.SILL, Saloon.SEAT)))
                .after(new PatinaGrouped(List.of(Saloon.SEAT, Saloon.CARPET)));
        assertThat(survey.patina()).containsExactly(List.of(Saloon.SEAT, Saloon.CARPET));
        assertThat(survey.after(new PatinaGrouped(List.of(Saloon.SEAT))).patina())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"4, A", "3.5, A–B", "3, B", "2.4, B–C", "1.5, C–D", "0, E", "0.2, E"})
    void finishesAreSaidInLetters(double level, String said) {
        assertThat(new Finish(level).said()).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        "sage hide and striped wool, LEATHER",
        "brown vinyl on board, VINYL",
        "moulded loop carpet, CARPET",
        "painted steel, METAL",
        "moulded plastic, PLASTIC",
        "sponge rubber, RUBBER",
        "wool cloth on bows, CLOTH",
        "fibreboard, BOARD"
    })
    void theMatterIsReadFromItsWords(String material, Matter matter) {
        var part = new Part(new PartId("x"), "x", PartKind.VENT, Side.MIDDLE, Spot.DASH, material, Supply.NOT_KNOWN);
        assertThat(Matter.of(part)).isEqualTo(matter);
    }
}
