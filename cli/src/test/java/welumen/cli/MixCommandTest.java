package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixCommandTest {
    private static final String WHITE = list(_ -> 0.88);
    private static final String OCHRE = list(i -> 0.05 + 0.55 / (1 + Math.exp((14 - i) / 2.0)));
    private static final String BLACK = list(_ -> 0.03);

    /** K/S of nine parts white and one ochre, by the formula. */
    private static final String SAND = list(i -> {
        var ochre = 0.05 + 0.55 / (1 + Math.exp((14 - i) / 2.0));
        var ks = 0.9 * ks(0.88) + 0.1 * ks(ochre);
        return 1 + ks - Math.sqrt(ks * (ks + 2));
    });

    private static final String PROBLEM = """
            { "format": "welumen-mix-problem/1", "target": { "reflectance": %s }, "grams": 600,
              "tints": [ { "id": "white", "reflectance": %s, "gramsPerDrop": 0.05 },
                         { "id": "ochre", "reflectance": %s, "gramsPerDrop": 0.03 },
                         { "id": "black", "reflectance": %s } ] }
            """.formatted(SAND, WHITE, OCHRE, BLACK);

    @TempDir
    Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private static double ks(double r) {
        return (1 - r) * (1 - r) / (2 * r);
    }

    private static String list(IntToDoubleFunction at) {
        return IntStream.range(0, 31)
                .mapToObj(i -> String.valueOf(at.applyAsDouble(i)))
                .collect(Collectors.joining(", ", "[", "]"));
    }

    private int run(String text, String... more) throws IOException {
        var file = Files.writeString(folder.resolve("mix.json"), text).toString();
        var words = new ArrayList<>(List.of("mix", file));
        words.addAll(List.of(more));
        return Main.commandLine()
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(words.toArray(String[]::new));
    }

    private static JsonNode json(String text) throws IOException {
        return new ObjectMapper().readTree(text);
    }

    /** Sixty grams of ochre in 540 of white, two thousand drops of it. */
    @Test
    void saysGramsAndDrops() throws IOException {
        assertThat(run(PROBLEM)).isZero();
        var mix = json(out.toString());
        assertThat(mix.at("/format").textValue()).isEqualTo("welumen-mix/1");
        assertThat(mix.at("/mix/ochre").doubleValue()).isBetween(57.0, 63.0);
        assertThat(mix.at("/mix").size()).isEqualTo(2);
        assertThat(mix.at("/mix/white").doubleValue() + mix.at("/mix/ochre").doubleValue())
                .isBetween(599.999, 600.001);
        assertThat(mix.at("/drops/ochre").intValue()).isBetween(1900, 2100);
        assertThat(mix.at("/difference").doubleValue()).isLessThan(0.2);
        assertThat(mix.has("differenceA")).isTrue();
        assertThat(mix.has("add")).isFalse();
        assertThat(mix.at("/others").size()).isBetween(1, 3);
    }

    /** Too little ochre in the patch: some is added, and what was mixed stays. */
    @Test
    void saysWhatToAdd() throws IOException {
        var patched = PROBLEM.replaceFirst(
                "\"grams\"",
                "\"patch\": { \"made\": { \"white\": 560, \"ochre\": 40 }, \"read\": { \"lab\": [84, 2.5, 12] } }, \"grams\"");
        var result = folder.resolve("result.json");
        assertThat(run(patched, "--out", result.toString())).isZero();
        var mix = json(Files.readString(result));
        assertThat(mix.at("/add").size()).isPositive();
        assertThat(mix.at("/mix/white").doubleValue()).isGreaterThanOrEqualTo(560);
        assertThat(mix.at("/mix/ochre").doubleValue()).isGreaterThanOrEqualTo(40);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "grams": 600          | "grams": 0                        | /grams is 0
            "grams": 600          | "grams": 600, "surface": [1, 0.6] | /surface is no surface
            "id": "ochre"         | "id": "white"                     | /tints: “white” stands twice
            "gramsPerDrop": 0.03  | "gramsPerDrop": -1                | /tints/1/gramsPerDrop is -1
            "target"              | "aim"                             | /target is missing
            problem/1             | problem/2                         | /format is “welumen-mix-problem/2”
            """)
    void whatIsWrongIsNamed(String was, String now, String said) throws IOException {
        assertThat(run(PROBLEM.replace(was, now))).isNotZero();
        assertThat(err.toString()).contains(said).doesNotContain("\tat ");
    }
}
