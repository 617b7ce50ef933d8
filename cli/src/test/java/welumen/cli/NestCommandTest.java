package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class NestCommandTest {
    private static final String PROBLEM = """
            { "format": "welumen-cut-problem/1",
              "pieces": [ { "id": "a", "outline": [[0,0],[100,0],[100,50],[0,50]], "quantity": 3 } ],
              "stock": [ { "id": "s", "kind": "hide", "outline": [[0,0],[300,0],[300,60],[0,60]] } ] }
            """;

    @TempDir
    Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... words) {
        return Main.commandLine()
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(words);
    }

    private String problem(String text) throws IOException {
        return Files.writeString(folder.resolve("problem.json"), text).toString();
    }

    @Test
    void writesThePlanToStandardOutput() throws IOException {
        assertThat(run("nest", problem(PROBLEM), "--rounds", "2")).isZero();
        var plan = new ObjectMapper().readTree(out.toString());
        assertThat(plan.at("/placements")).hasSize(3);
        assertThat(plan.at("/unplaced")).isEmpty();
    }

    @Test
    void writesPlanAndPictureToFiles() throws IOException {
        var result = folder.resolve("plan.json");
        var picture = folder.resolve("plan.svg");
        assertThat(run(
                        "nest",
                        problem(PROBLEM),
                        "--rounds",
                        "1",
                        "--out",
                        result.toString(),
                        "--picture",
                        picture.toString()))
                .isZero();
        assertThat(Files.readString(result)).contains("welumen-cut-plan/1");
        assertThat(Files.readString(picture)).startsWith("<svg");
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void equalSeedAndRoundsGiveTheEqualPlan() throws IOException {
        run("nest", problem(PROBLEM), "--rounds", "3", "--seed", "5");
        var first = placements(out.toString());
        out.getBuffer().setLength(0);
        run("nest", problem(PROBLEM), "--rounds", "3", "--seed", "5");
        assertThat(placements(out.toString())).isEqualTo(first);
    }

    @Test
    void piecesLeftOverAreNoFailure() throws IOException {
        assertThat(run("nest", problem(PROBLEM.replace("\"quantity\": 3", "\"quantity\": 4")), "--rounds", "1"))
                .isZero();
        assertThat(out.toString()).contains("no room was found beside the others");
    }

    /** On a striped roll every piece has the stripe in its middle; on a plain one it lies as near to the end as it goes. */
    @Test
    void aPatternedRollIsMatched() throws IOException {
        var striped = """
                { "format": "welumen-cut-problem/1", "gap": 2.0,
                  "pieces": [ { "id": "a", "outline": [[0,0],[300,0],[300,210],[0,210]], "quantity": 5, "turn": "none" } ],
                  "stock": [ { "id": "r", "kind": "roll", "width": 1400, "length": 9000, "costPerMetre": 30, "repeat": [0, 75] } ] }
                """;
        assertThat(run("nest", problem(striped), "--rounds", "3")).isZero();
        var plan = new ObjectMapper().readTree(out.toString());
        assertThat(plan.at("/placements")).hasSize(5);
        for (var placement : plan.at("/placements"))
            assertThat(Math.abs(Math.IEEEremainder(placement.path("y").asDouble() + 105, 75)))
                    .isLessThan(0.6);
    }

    /** Left and right come from mirrored places of a hide that has room for both, where that makes the plan no worse. */
    @Test
    void aPairComesFromMirroredPlaces() throws IOException {
        var pair = """
                { "format": "welumen-cut-problem/1",
                  "pieces": [ { "id": "l", "outline": [[0,0],[100,0],[80,60],[0,40]], "turn": "none", "pair": "r" },
                              { "id": "r", "outline": [[0,0],[-100,0],[-80,60],[0,40]], "turn": "none", "pair": "l" },
                              { "id": "bar", "outline": [[-299,0],[299,0],[299,60],[-299,60]], "turn": "none" } ],
                  "stock": [ { "id": "h", "kind": "hide", "outline": [[-300,0],[300,0],[300,400],[-300,400]] } ] }
                """;
        assertThat(run("nest", problem(pair), "--rounds", "2")).isZero();
        var plan = new ObjectMapper().readTree(out.toString());
        var one = placement(plan, "l");
        var other = placement(plan, "r");
        assertThat(one.path("y").asDouble()).isEqualTo(other.path("y").asDouble());
        assertThat(one.path("x").asDouble()).isEqualTo(-other.path("x").asDouble());
    }

    @Test
    void badInputIsStatusTwoAndNothingIsWritten() throws IOException {
        var result = folder.resolve("plan.json");
        var bad = problem(PROBLEM.replace("[100,50]", "[100]"));
        assertThat(run("nest", bad, "--out", result.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("/pieces/0/outline/2");
        assertThat(result).doesNotExist();
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void aPinThatCannotStayIsBadInput() throws IOException {
        var pinned = PROBLEM.replace(
                "\"stock\":",
                "\"pinned\": [ { \"piece\": \"a\", \"copy\": 1, \"stock\": \"s\", \"x\": 250, \"y\": 0 } ], \"stock\":");
        assertThat(run("nest", problem(pinned))).isEqualTo(2);
        assertThat(err.toString()).contains("/pinned").contains("edge");
    }

    @Test
    void whereNothingCanBeWrittenNothingIs() throws IOException {
        var nowhere = folder.resolve("no").resolve("such").resolve("plan.json");
        var picture = folder.resolve("plan.svg");
        assertThat(run(
                        "nest",
                        problem(PROBLEM),
                        "--rounds",
                        "1",
                        "--picture",
                        picture.toString(),
                        "--out",
                        nowhere.toString()))
                .isEqualTo(2);
        assertThat(picture).doesNotExist();
        try (var files = Files.list(folder)) {
            assertThat(files.map(Path::getFileName).map(Path::toString)).containsExactly("problem.json");
        }
    }

    @Test
    void unknownWordsAndMissingFilesAreStatusTwo() throws IOException {
        assertThat(run("nest", folder.resolve("none.json").toString())).isEqualTo(2);
        assertThat(run("nest", problem(PROBLEM), "--loud")).isEqualTo(2);
        assertThat(run("nest", problem(PROBLEM), "--rounds", "0")).isEqualTo(2);
        assertThat(run("nest", problem(PROBLEM), "--seconds", "-1")).isEqualTo(2);
        assertThat(run("open", folder.toString())).as("it holds something else").isEqualTo(2);
        assertThat(run("restore", folder.toString(), "--day", "2026-04-14")).isEqualTo(2);
        assertThat(run("restore", folder.toString())).isZero();
    }

    private static JsonNode placement(JsonNode plan, String piece) {
        for (var placement : plan.at("/placements"))
            if (placement.path("piece").asText().equals(piece)) return placement;
        throw new AssertionError(piece);
    }

    private static String placements(String plan) throws IOException {
        return new ObjectMapper().readTree(plan).at("/placements").toString();
    }
}
