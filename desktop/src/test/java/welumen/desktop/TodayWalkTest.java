package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.desktop.look.Styles;
import welumen.diary.OpenTasks;
import welumen.diary.book.DiaryChange.TaskFixed;
import welumen.job.JobChange.InDiary;
import welumen.job.WorkStage;

/** Work is started, paused and ended from today's page; what takes two is asked for first. */
class TodayWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.go(WorkStage.DIARY);
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    private Set<String> running() {
        return bench.ask(() -> bench.model().job().work().running().keySet());
    }

    private List<String> ids(String begins) {
        return bench.ask(() -> bench.robot.lookup("#today .button").queryAll().stream()
                .map(Node::getId)
                .filter(id -> id != null && id.startsWith(begins))
                .toList());
    }

    private void today() {
        bench.click("leaf-today");
        bench.until(() -> bench.text("today-answer").startsWith("Today")
                && !ids("start-").isEmpty()
                && bench.robot.lookup("." + Styles.WORKING).queryAll().isEmpty());
    }

    /** A press starts it, another one pauses it; the day goes out on paper, with the week. */
    @Test
    void timeRunsFromToday() throws Exception {
        today();
        var before = bench.ask(() -> bench.model().job().work().spells().size());
        var alone = bench.ask(() -> OpenTasks.of(bench.model().job().standing()).stream()
                .filter(task -> task.hands() == 1 && task.chance().isEmpty())
                .map(task -> "start-" + task.id().replaceAll("[^a-z0-9]+", "-"))
                .toList());
        var start = ids("start-").stream().filter(alone::contains).findFirst().orElseThrow();
        bench.click(start);
        assertThat(running()).isNotEmpty();
        var pause = "pause" + start.substring("start".length());
        bench.until(() -> ids("pause-").contains(pause));
        bench.click(pause);
        assertThat(running()).isEmpty();
        assertThat(bench.ask(() -> bench.model().job().work().spells().size())).isGreaterThan(before);
        bench.until(() -> !ids("start-").isEmpty());
        bench.click("print-day");
        bench.until(() -> bench.text("today-saved").endsWith(".pdf"));
        assertThat(Files.size(Path.of(bench.text("today-saved").substring("Saved to ".length()))))
                .isPositive();
        bench.click("print-week");
        bench.until(() -> bench.text("today-saved").contains("week"));
    }

    /** A task of one's own for two: it is not begun before somebody has said that the helper is here; then it is done. */
    @Test
    void whatTakesTwoIsNotBegunAlone() {
        bench.click("leaf-now");
        bench.typeAndEnter("own-task", "turn the shell on its side, 0.5 h, 2 people");
        bench.ask(() -> bench.model().make(new InDiary(new TaskFixed("own:1", LocalDateTime.of(2026, 4, 14, 15, 0)))));
        today();
        bench.until(() -> ids("start-").contains("start-own-1")
                && bench.robot.lookup("." + Styles.WORKING).queryAll().isEmpty());
        bench.click("start-own-1");
        assertThat(running()).isEmpty();
        assertThat(bench.ask(() -> bench.robot.lookup("#begin-own-1").query().isDisabled()))
                .isTrue();
        bench.click("ready-helper");
        bench.click("begin-own-1");
        assertThat(running()).hasSize(2);
        bench.until(() -> ids("done-").contains("done-own-1"));
        bench.click("done-own-1");
        assertThat(running()).isEmpty();
        assertThat(bench.ask(() -> bench.model().job().diary().done())).containsExactly("own:1");
    }
}
