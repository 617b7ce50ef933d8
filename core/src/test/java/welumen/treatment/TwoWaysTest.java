package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.Supply;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.strip.Saloon;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.Survey;
import welumen.survey.SurveyChange.FindingMade;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

class TwoWaysTest {
    private static final Part CARPET = Saloon.cabin().one(Saloon.CARPET).withSupply(Supply.STILL_MADE);

    private static TwoWays.Given job(Choices choices) {
        var cabin = new Cabin(List.of(CARPET, Saloon.cabin().one(Saloon.SILL)));
        var survey = Survey.EMPTY.after(new FindingMade(AdviceTest.finding(CARPET, FindingKind.HOLE, Severity.BAD)));
        return new TwoWays.Given(cabin, survey, choices, Standard.GOOD_DRIVER, Terms.USUAL);
    }

    /** The carpet that is re-covered takes 8 h: templated 1.15 as long, slit and copied 1.3. */
    @Test
    void twoSchoolsOfTheVerySamePiece() {
        var chosen = Choices.EMPTY.after(new TreatmentChosen(CARPET.id(), Treatment.RECOVER, ""));
        var both = TwoWays.of(job(chosen), School.TEMPLATED, School.SLIT_AND_COPIED);
        assertThat(both.one().hours()).isCloseTo(9.2, within(1e-9));
        assertThat(both.other().hours()).isCloseTo(10.4, within(1e-9));
        assertThat(both.one().parts()).isEqualTo(1);
        assertThat(both.other().lost() / both.other().money()).isCloseTo(0.08 * 0.8, within(1e-9));
        assertThat(both.one().lost() / both.one().money()).isCloseTo(0.08 * 0.9, within(1e-9));
    }

    /** Nothing of that school can be done to a carpet that is no longer made: what cannot be done both ways is left out. */
    @Test
    void onlyWhatCanBeDoneBothWaysIsCompared() {
        var gone = CARPET.withSupply(Supply.NO_LONGER_MADE);
        var survey = Survey.EMPTY
                .after(new FindingMade(AdviceTest.finding(gone, FindingKind.HOLE, Severity.BAD)))
                .after(new FindingMade(AdviceTest.finding(gone, FindingKind.STAIN, Severity.BAD)));
        var job = new TwoWays.Given(new Cabin(List.of(gone)), survey, Choices.EMPTY, Standard.GOOD_DRIVER, Terms.USUAL);
        var both = TwoWays.of(job, School.MOULDED, School.SLIT_AND_COPIED);
        assertThat(both.one().parts()).isEqualTo(both.other().parts());
        assertThat(both.one().parts() + both.apart().size()).isEqualTo(1);
    }

    @Test
    void whereOneFallsShortOfTheStandardItIsSaid() {
        var chosen = Choices.EMPTY.after(new TreatmentChosen(CARPET.id(), Treatment.CLEAN, ""));
        var given = job(chosen);
        var show = new TwoWays.Given(given.cabin(), given.survey(), chosen, Standard.SHOW_CUSTOM, Terms.USUAL);
        var question = TwoWays.asked(show).getFirst();
        var both =
                TwoWays.of(show, School.of(question).get(0), School.of(question).get(1));
        assertThat(both.one().below()).containsExactly(CARPET);
        assertThat(both.isToOneStandard()).as("both fail on the same part").isTrue();
    }

    @Test
    void onlyQuestionsThatBearOnSomethingAreAsked() {
        assertThat(TwoWays.asked(job(Choices.EMPTY)))
                .contains(Question.FLOORS, Question.METHOD, Question.QUIETNESS)
                .doesNotContain(Question.SEATS, Question.HEADLINING, Question.ELECTRICS);
        var done = Choices.EMPTY
                .after(new TreatmentChosen(CARPET.id(), Treatment.RECOVER, ""))
                .after(new TreatmentDone(CARPET.id()));
        assertThat(TwoWays.asked(job(done))).isEmpty();
    }

    /** A school that buys leaves nothing to sew, and the other way round. */
    @Test
    void aSchoolDecidesWhatIsOffered() {
        var findings = List.of(AdviceTest.finding(CARPET, FindingKind.HOLE, Severity.BAD));
        var moulded = Candidates.of(CARPET, findings, Terms.USUAL.with(School.MOULDED));
        assertThat(moulded)
                .extracting(way -> way.steps().getFirst())
                .contains(Treatment.BUY_REPRODUCTION)
                .doesNotContain(Treatment.RECOVER, Treatment.MAKE_NEW);
        var copied = Candidates.of(CARPET, findings, Terms.USUAL.with(School.SLIT_AND_COPIED));
        assertThat(copied)
                .extracting(way -> way.steps().getFirst())
                .contains(Treatment.RECOVER)
                .doesNotContain(Treatment.BUY_REPRODUCTION);
    }

    @ParameterizedTest
    @EnumSource(Question.class)
    void everyQuestionHasMoreThanOneSchool(Question question) {
        assertThat(School.of(question)).hasSizeGreaterThan(1).allMatch(school -> school.question() == question);
        assertThat(question.turnsOn()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void everySchoolChangesWithinReason(School school) {
        var effect = school.effect();
        assertThat(List.of(effect.hours(), effect.materials(), effect.fails(), effect.years()))
                .allMatch(factor -> factor >= 0.2 && factor <= 2);
        assertThat(effect.days()).isBetween(0.0, 5.0);
        assertThat(effect.originality()).isBetween(-0.5, 0.5);
    }
}
