package welumen.desktop.cut;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PieceNameTest {
    private final PieceName name = new PieceName(7, "left backrest centre");

    @Test
    void isSaidInWordsWhereTheyFit() {
        assertThat(name.fitting(120, 60)).isEqualTo("left backrest centre");
        assertThat(name.fitting(70, 80)).isEqualTo("left backrest centre");
    }

    @Test
    void isANumberWhereAWordOrALineWouldBeCut() {
        assertThat(name.fitting(50, 80)).isEqualTo("7"); // “backrest” is wider than that
        assertThat(name.fitting(120, 20)).isEqualTo("7");
    }
}
