package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.intake.Question;
import welumen.intake.School;

class SchoolStepsTest {
    /** Two answers to one question that went about it alike would be one. */
    @ParameterizedTest
    @EnumSource(Question.class)
    void noTwoSchoolsOfAQuestionGoAboutItAlike(Question question) {
        assertThat(School.of(question)).hasSizeGreaterThan(1);
        assertThat(School.of(question).stream().map(SchoolSteps::of))
                .doesNotHaveDuplicates()
                .noneMatch(steps -> steps.isEmpty());
    }
}
