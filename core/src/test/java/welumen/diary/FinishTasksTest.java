package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import welumen.diary.task.After;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;
import welumen.finish.Batch;
import welumen.finish.FinishChange;
import welumen.finish.FinishChange.BatchSaid;
import welumen.finish.FinishChange.Card;
import welumen.finish.FinishChange.CardAccepted;
import welumen.finish.FinishChange.CardSprayed;
import welumen.finish.FinishChange.PieceListed;
import welumen.finish.FinishChange.PiecesMoved;
import welumen.finish.load.HardPiece;
import welumen.finish.sheen.SetUp;
import welumen.job.Job;
import welumen.job.JobChange.AtFinish;
import welumen.stores.JobNeeds;
import welumen.yard.CrewChange.PlaceSaid;
import welumen.yard.Place;
import welumen.yard.Yard;
import welumen.yard.YardChange.OfCrew;

/** The small pieces are tasks of the diary, a load at a time, and cans of the stores. */
class FinishTasksTest {
    private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 4, 20, 8, 0);
    private static final Yard NINE = Yard.EMPTY.after(
            new OfCrew(new PlaceSaid("", new Place("spray place", Place.Kind.SPRAY_PLACE, 1, 9, 0, 0))));

    private Job job = Job.EMPTY;

    private void make(FinishChange change) {
        job = job.after(new AtFinish(change));
    }

    private void pieces(int count) {
        make(new BatchSaid(new Batch.How(3, 1.5, Duration.ofHours(2), Duration.ofHours(14), MONDAY.plusDays(3))));
        for (var i = 0; i < count; i++)
            make(new PieceListed(new HardPiece("p" + i, "ring " + i, 0.12, MONDAY, 0, "dark", false, "")));
    }

    private Map<String, Task> tasks() {
        return OpenTasks.of(job.standing(NINE)).stream().collect(Collectors.toMap(Task::id, Function.identity()));
    }

    @Test
    void aLoadIsPreparedSprayedAndFittedOnceItCanBeHandled() {
        pieces(28);
        var tasks = tasks();
        assertThat(tasks.keySet())
                .filteredOn(id -> id.startsWith("spray-load:"))
                .hasSize(4);
        assertThat(tasks.get("spray-load:1").chance()).contains(OneChance.SPRAY);
        assertThat(tasks.get("spray-load:1").after()).extracting(After::task).containsExactly("prepare-load:1");
        assertThat(tasks.get("fit-pieces").after())
                .hasSize(4)
                .allSatisfy(after -> assertThat(after.cures()).isEqualTo(Duration.ofHours(14)));
        assertThat(tasks.get("hand-over")).isNotNull();

        make(new PiecesMoved(List.of("p0", "p1", "p2"), Batch.Step.SPRAYED));
        assertThat(tasks().keySet())
                .filteredOn(id -> id.startsWith("spray-load:"))
                .hasSize(3);
    }

    /** No load is sprayed before its card is accepted, and what carries an airbag's mark waits for somebody qualified. */
    @Test
    void theCardAndTheQualifiedAreGates() {
        pieces(2);
        make(new PieceListed(new HardPiece("boss", "wheel boss", 0.02, MONDAY, 0, "dark", false, "airbag")));
        make(new CardSprayed(
                new Card("card 1", new SetUp("lacquer", "", 200, 3, "", 18), 30, Instant.EPOCH, Duration.ofHours(6))));
        assertThat(tasks().get("spray-load:1").after()).extracting(After::task).contains("held:card-1");
        assertThat(tasks().get("held:card-1").othersDays())
                .as("a card is no week’s wait")
                .isEqualTo(1);
        assertThat(tasks().get("fit-pieces").after()).extracting(After::task).contains("held:pieces");

        make(new CardAccepted("card 1", "Ada"));
        assertThat(tasks().get("spray-load:1").after()).extracting(After::task).doesNotContain("held:card-1");
    }

    @Test
    void theirCansAreBought() {
        pieces(28);
        var needs = JobNeeds.of(job.patterns(), job.table(), job.finish(), "£");
        assertThat(needs).singleElement().satisfies(need -> {
            assertThat(need.said()).isEqualTo("9 cans of paint");
            assertThat(need.working().getFirst())
                    .isEqualTo("28 pieces, 3.36 m² × 3 coats ÷ 1.50 m² a can ÷ 0.92 = 7.30");
        });
    }
}
