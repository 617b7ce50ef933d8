package welumen.desktop.stage;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The number at the cursor goes up and down in its own last place. */
class DialledNumberTest {
    private static String dialled(String line, int caret, int steps) {
        return DialledNumber.at(line, caret).map(number -> number.by(steps)).orElse("none");
    }

    @Test
    void theNumberAtTheCursorIsDialled() {
        assertThat(dialled("outer bolster 520 x 610", 16, 1)).isEqualTo("521");
        assertThat(dialled("outer bolster 520 x 610", 23, -10)).isEqualTo("600");
        assertThat(dialled("outer bolster 520 x 610", 3, 1)).isEqualTo("none");
    }

    @Test
    void decimalsKeepTheirPlaces() {
        assertThat(dialled("1.2 mm", 0, 1)).isEqualTo("1.3");
        assertThat(dialled("0.05", 4, -10)).isEqualTo("0.00");
    }

    @Test
    void partsOfWordsAndOfFractionsAreLeftAlone() {
        assertThat(dialled("AB1 420", 2, 1)).isEqualTo("none");
        assertThat(dialled("3/8", 1, 1)).isEqualTo("none");
    }

    @Test
    void theFirstNumberOfAnInsertedWordIsFound() {
        assertThat(DialledNumber.next("cushion 520 x 480, top 440", 17))
                .hasValueSatisfying(number -> assertThat(number.text()).isEqualTo("440"));
    }
}
