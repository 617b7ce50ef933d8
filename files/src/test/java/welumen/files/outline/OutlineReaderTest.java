package welumen.files.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.files.json.BadFile;
import welumen.shape.Outline;

class OutlineReaderTest {
    private static final String RING = "\"outline\":[[0,0],[0,50],[90,50],[90,0],[0,0]]";

    /** It may run either way and repeat its first point; members that are not known are passed over. */
    @Test
    void aRingIsReadEitherWay() throws BadFile {
        var outline = OutlineReader.read("{\"format\":\"welumen-outline/1\"," + RING + ",\"residual\":0.3}");
        assertThat(outline.area()).isEqualTo(Outline.rectangle(90, 50).area());
    }

    @Test
    void whereItMustReachMaySayLapsAndWhatStaysFree() throws BadFile {
        var needed = OutlineReader.needed("{\"format\":\"welumen-outline/1\"," + RING
                + ",\"covered\":[{\"edge\":2,\"by\":30}],\"keepOuts\":[[[10,10],[20,10],[20,20],[10,20]]]}");
        assertThat(needed.coveredMm()).containsOnlyKeys(1).containsEntry(1, 30.0);
        assertThat(needed.keepOuts()).hasSize(1);
        assertThat(needed.keepOuts().getFirst().area()).isEqualTo(100);
        assertThat(OutlineReader.needed("{\"format\":\"welumen-outline/1\"," + RING + "}")
                        .coveredMm())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"format\":\"other/1\",\"outline\":[]} | /format is not",
                "{\"format\":\"welumen-outline/1\"} | /outline is missing",
                "{\"format\":\"welumen-outline/1\",\"outline\":[[0,0],[1]]} | two",
                "{\"format\":\"welumen-outline/1\",\"outline\":[[0,0],[9,9],[9,0],[0,9]]} | crosses",
                "no json | no JSON"
            })
    void whatIsWrongIsSaidWithItsPlace(String text, String says) {
        assertThatThrownBy(() -> OutlineReader.read(text))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining(says);
    }

    @Test
    void anEdgeThatItHasNotIsRefused() {
        assertThatThrownBy(() -> OutlineReader.needed(
                        "{\"format\":\"welumen-outline/1\"," + RING + ",\"covered\":[{\"edge\":5,\"by\":30}]}"))
                .hasMessageContaining("from 1 to 4");
    }
}
