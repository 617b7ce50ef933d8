package welumen.files.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Turns;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.files.json.BadFile;

class ProblemReaderTest {
    private static final String PROBLEM = """
            {
              "format": "welumen-cut-problem/1", "gap": 2.0, "unknown": [1],
              "pieces": [
                { "id": "top", "outline": [[0,0],[0,400],[500,400],[500,0],[0,0]], "quantity": 2, "material": "sage hide",
                  "turn": [0, 90], "grade": 2, "stretch": 90.0 },
                { "id": "cuff", "outline": [[0,0],[90,0],[90,40]], "material": "wool", "turn": "half", "flip": true }
              ],
              "stock": [
                { "id": "hide-1", "kind": "hide", "material": "sage hide", "outline": [[0,0],[1600,0],[1600,1400],[0,1400]],
                  "holes": [[[800,800],[850,800],[850,860]]], "zones": [ { "grade": 3, "outline": [[0,0],[1600,0],[1600,200],[0,200]] } ],
                  "stretch": 90.0, "cost": 310.0 },
                { "id": "roll", "kind": "roll", "material": "wool", "width": 1400.0, "length": 12000.0, "costPerMetre": 42.0,
                  "holes": [[[700,800],[750,800],[750,860]]] }
              ],
              "pinned": [ { "piece": "top", "copy": 1, "stock": "hide-1", "x": 120.5, "y": 300.0, "turn": 0, "flipped": false } ]
            }
            """;

    @Test
    void readsEveryMemberAndItsDefault() throws BadFile {
        var problem = ProblemReader.read(PROBLEM);
        assertThat(problem.gap()).isEqualTo(2);
        var top = problem.piece("top");
        assertThat(top.turns()).isEqualTo(new Turns.Listed(List.of(0.0, 90.0)));
        assertThat(top.stretch()).isEqualTo(new Stretch.Along(90, 20));
        assertThat(top.shape().area()).isEqualTo(200_000);
        var cuff = problem.piece("cuff");
        assertThat(cuff.quantity()).isEqualTo(1);
        assertThat(cuff.grade()).isEqualTo(4);
        assertThat(cuff.flip()).isTrue();
        assertThat(((Stock.Hide) problem.stock("hide-1")).zones()).hasSize(1);
        assertThat(problem.stock("roll").shape().holes()).hasSize(1);
        assertThat(problem.pinned()).hasSize(1);
    }

    @Test
    void aPlanIsWrittenAsTheFormatSays() throws BadFile, IOException {
        var problem = ProblemReader.read(PROBLEM);
        var plan = Nester.lay(problem, NestOptions.USUAL.withRounds(2), (_, _) -> {}, () -> false);
        var file = new ObjectMapper().readTree(PlanWriter.write(problem, plan, Duration.ofMillis(1234)));
        assertThat(file.at("/format").asText()).isEqualTo("welumen-cut-plan/1");
        assertThat(file.at("/placements")).hasSize(3);
        assertThat(file.at("/placements/0/x").asDouble()).isEqualTo(120.5);
        assertThat(file.at("/sheets/0/usedLength").isNull()).isTrue();
        assertThat(file.at("/sheets/1/usedLength").asDouble()).isPositive();
        assertThat(file.at("/rounds").asLong()).isEqualTo(2);
        assertThat(file.at("/seconds").asDouble()).isEqualTo(1.23);
        assertThat(PlanPicture.svg(problem, plan))
                .startsWith("<svg")
                .contains("hide")
                .isNotBlank();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "welumen-cut-problem/1  | welumen-cut-problem/9 | /format",
                "\"gap\": 2.0           | \"gap\": -2           | /gap",
                "\"gap\": 2.0           | \"gap\": \"2\"        | /gap",
                "\"gap\": 2.0           | \"gap\": 1e400        | /gap",
                "[500,400]              | [500]                 | /pieces/0/outline/2",
                "[90,40]]               | [45,0]]               | /pieces/1/outline crosses",
                "[90,0],[90,40]         | [90,90],[90,0],[0,90] | /pieces/1/outline crosses",
                "\"turn\": \"half\"     | \"turn\": \"round\"   | /pieces/1/turn",
                "\"turn\": [0, 90]      | \"turn\": []          | /pieces/0/turn",
                "\"quantity\": 2        | \"quantity\": 2.5     | /pieces/0/quantity",
                "\"grade\": 2           | \"grade\": 5          | /pieces/0/grade",
                "\"id\": \"cuff\"       | \"id\": \"top\"       | /pieces/1/id",
                "\"id\": \"cuff\"       | \"name\": \"cuff\"    | /pieces/1/id is missing",
                "\"kind\": \"roll\"     | \"kind\": \"tube\"    | /stock/1/kind",
                "\"width\": 1400.0      | \"width\": 0          | /stock/1/width",
                "\"cost\": 310.0        | \"cost\": -1          | /stock/0/cost",
                "\"piece\": \"top\"     | \"piece\": \"tip\"    | /pinned/0/piece",
                "\"copy\": 1            | \"copy\": 3           | /pinned/0/copy",
                "\"pieces\": [          | \"pieces\": [ 7,      | /pieces/0",
                "\"flip\": true         | \"flip\": \"yes\"     | /pieces/1/flip",
                "\"gap\": 2.0,          | \"gap\": 2.0          | Line 2"
            })
    void namesThePlaceOfWhatItRefuses(String good, String bad, String place) {
        var text = PROBLEM.replace(good, bad);
        assertThat(text).isNotEqualTo(PROBLEM);
        assertThatThrownBy(() -> ProblemReader.read(text))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining(place);
    }

    @Test
    void aHoleOutsideItsPieceIsRefused() {
        var text = PROBLEM.replace("\"quantity\": 2,", "\"quantity\": 2, \"holes\": [[[900,0],[990,0],[990,90]]],");
        assertThatThrownBy(() -> ProblemReader.read(text)).hasMessageContaining("/pieces/0 has a hole");
    }

    /** Whatever is done to the text, it is read or refused in words; never anything else. */
    @Test
    void scrambledFilesAreRefusedInWords() {
        var random = new Random(1);
        for (var i = 0; i < 3000; i++) {
            var text = new StringBuilder(PROBLEM);
            for (var j = 0; j < 1 + random.nextInt(4); j++)
                text.setCharAt(random.nextInt(text.length()), "{}[],:\"0e-.tx\u0000".charAt(random.nextInt(14)));
            read(text.substring(0, random.nextInt(8) == 0 ? random.nextInt(text.length()) : text.length()));
        }
    }

    private static void read(String text) {
        try {
            CutProblem problem = ProblemReader.read(text);
            assertThat(problem).isNotNull();
        } catch (BadFile refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }
}
