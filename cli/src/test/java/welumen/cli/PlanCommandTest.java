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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlanCommandTest {
    private static final String PROBLEM = """
            { "format": "welumen-plan-problem/1",
              "start": "2026-03-02", "due": "2026-04-17", "hoursPerDay": 8, "days": ["MON","TUE","WED","THU","FRI"],
              "resources": [ { "id": "sewing", "count": 1 } ],
              "tasks": [ { "id": "cut-sill", "hours": [0.5, 0.75, 1.5], "uses": {}, "after": [] },
                         { "id": "glue-sill", "hours": [1.0, 1.5, 3.0], "uses": { "sewing": 1 },
                           "after": [ { "task": "cut-sill", "wait": 24.0, "clock": "wall" } ],
                           "notBefore": "2026-03-02" } ] }
            """;

    @TempDir
    Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String text, String... more) throws IOException {
        var file = Files.writeString(folder.resolve("plan.json"), text).toString();
        var words = new ArrayList<>(List.of("plan", file, "--seconds", "2"));
        words.addAll(List.of(more));
        return Main.commandLine()
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(words.toArray(String[]::new));
    }

    private static JsonNode json(String text) throws IOException {
        return new ObjectMapper().readTree(text);
    }

    /** Cut until 8:45 on Monday, a day's cure, and glued until 10:15 on Tuesday: nothing can be earlier. */
    @Test
    void plansAndForecasts() throws IOException {
        assertThat(run(PROBLEM)).isZero();
        var plan = json(out.toString());
        assertThat(plan.at("/tasks/0/end").textValue()).isEqualTo("2026-03-02T08:45");
        assertThat(plan.at("/tasks/1/start").textValue()).isEqualTo("2026-03-03T08:45");
        assertThat(plan.at("/end").textValue()).isEqualTo("2026-03-03T10:15");
        assertThat(plan.at("/bound").textValue()).isEqualTo("2026-03-03T10:15");
        assertThat(plan.at("/optimal").booleanValue()).isTrue();
        assertThat(plan.at("/tasks/0/critical").doubleValue()).isEqualTo(1);
        assertThat(plan.at("/finish/p95").textValue()).isEqualTo("2026-03-03");
        assertThat(plan.at("/onTime").doubleValue()).isEqualTo(1);
    }

    @Test
    void theSameSeedWritesTheSameFile() throws IOException {
        var one = folder.resolve("one.json");
        var other = folder.resolve("other.json");
        assertThat(run(PROBLEM, "--out", one.toString())).isZero();
        assertThat(run(PROBLEM, "--out", other.toString())).isZero();
        assertThat(one).hasSameTextualContentAs(other);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"MON\",\"TUE\"|\"MON\",\"MOO\"|/days/1 is “MOO”; a day is “MON” to “SUN”.",
                "[0.5, 0.75, 1.5]|[0.5, 0.25, 1.5]|/tasks/0/hours is not three hours",
                "\"task\": \"cut-sill\"|\"task\": \"sew\"|/tasks: “glue-sill” comes after “sew”, which is no task.",
                "\"sewing\": 1|\"sewing\": 2|/tasks: “glue-sill” uses 2 of “sewing”, of which there are 1.",
                "\"after\": []|\"after\": [{\"task\":\"glue-sill\"}]|/tasks: These wait for one another: cut-sill, glue-sill.",
                "\"start\": \"2026-03-02\"|\"start\": \"soon\"|/start is “soon”; a day is written 2026-03-02.",
                "\"hoursPerDay\": 8|\"hoursPerDay\": 25|/hoursPerDay is 25.0; a working day has up to 16 hours.",
                "1.5, 3.0]|1.5, 90000]|/tasks: That is more than ten years of work."
            })
    void whatIsWrongIsSaidWithItsPlace(String right, String wrong, String said) throws IOException {
        assertThat(run(PROBLEM.replace(right, wrong))).isEqualTo(2);
        assertThat(err.toString()).contains(said);
        assertThat(out.toString()).isEmpty();
    }
}
