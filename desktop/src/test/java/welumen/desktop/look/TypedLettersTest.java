package welumen.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** Which choice typed letters mean. */
class TypedLettersTest {
    private static final List<String> ALL = List.of("Scuff", "Fine crack", "Crack", "Cigarette burn", "Stain");

    private static String found(String letters) {
        return TypedLetters.find(ALL, Function.identity(), letters).orElse("none");
    }

    @Test
    void theBeginningOfTheWordComesFirst() {
        assertThat(found("cr")).isEqualTo("Crack");
        assertThat(found("s")).isEqualTo("Scuff");
        assertThat(found("st")).isEqualTo("Stain");
    }

    @Test
    void thenTheBeginningOfOneOfItsWordsThenAnyOfItsLetters() {
        assertThat(found("b")).isEqualTo("Cigarette burn");
        assertThat(found("rett")).isEqualTo("Cigarette burn");
        assertThat(found("zz")).isEqualTo("none");
    }
}
