package welumen.survey;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.PartKind;

/** Of every kind of part a handful is offered, each once. */
class UsualFindingsTest {
    @ParameterizedTest
    @EnumSource(PartKind.class)
    void aHandfulIsOfferedEachOnce(PartKind kind) {
        assertThat(UsualFindings.on(kind)).hasSizeBetween(4, 7).doesNotHaveDuplicates();
    }
}
