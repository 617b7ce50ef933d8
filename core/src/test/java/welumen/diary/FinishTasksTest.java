package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import welumen.diary.task.After;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;
import welumen.finish.Batch;
import welumen.finish.BatchPlan;
import welumen.finish.FinishChange;
import welumen.finish.FinishChange.BatchSaid;
import welumen.finish.FinishChange.Card;
import welumen.finish.FinishChange.CardAccepted;
import welumen.finish.FinishChange.CardRead;
import welumen.finish.FinishChange.CardSprayed;
import welumen.finish.FinishChange.PieceListed;
import welumen.finish.FinishChange.PiecesMoved;
import welumen.finish.NextLoad;
import welumen.finish.Recipe;
import welumen.finish.TouchUp;
import welumen.finish.coat.Binder;
import welumen.finish.coat.CoatSystem;
import welumen.finish.coat.Ground;
import welumen.finish.load.HardPiece;
import welumen.finish.sheen.SetUp;
import welumen.finish.sheen.TestCard;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingChange;
import welumen.handover.GoingHome;
import welumen.handover.Stop;
import welumen.job.Job;
import welumen.job.JobChange.AtFinish;
import welumen.stores.JobNeeds;
import welumen.yard.CrewChange.PlaceSaid;
import welumen.yard.Place;
import welumen.yard.Products;
import welumen.yard.WorkingHours;
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
        make(new BatchSaid(
                new Batch.How(3, 1.5, Duration.ofHours(2), Duration.ZERO, Duration.ofHours(14), MONDAY.plusDays(3))));
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
        assertThat(tasks.get("spray-load:1").after())
                .extracting(After::task)
                .containsExactly("prepare-load:1", "spray-card:1");
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
        assertThat(tasks().get("spray-load:1").after())
                .filteredOn(after -> after.task().equals("held:card-1"))
                .singleElement()
                .as("as long as it dries")
                .satisfies(after -> assertThat(after.cures()).isEqualTo(Duration.ofHours(6)));
        assertThat(tasks().get("held:card-1").othersDays()).isZero();
        assertThat(tasks().get("fit-pieces").after()).extracting(After::task).contains("held:pieces");

        make(new CardAccepted("card 1", "Ada"));
        assertThat(tasks().get("spray-load:1").after()).extracting(After::task).doesNotContain("held:card-1");
    }

    @Test
    void theirCansAreBought() {
        pieces(28);
        var needs = JobNeeds.of(job.patterns(), job.table(), job.finish(), 9, "£");
        assertThat(needs).singleElement().satisfies(need -> {
            assertThat(need.said()).isEqualTo("9 cans of paint");
            assertThat(need.working().getFirst())
                    .isEqualTo("28 pieces, 3.36 m² × 3 coats ÷ 1.50 m² a can ÷ 0.92 = 7.30");
        });
    }

    /** A card that was read dry and missed is sprayed once more: that is work, and the load waits until it is dry. */
    @Test
    void aCardThatMissedIsSprayedAnew() {
        pieces(2);
        make(new CardSprayed(
                new Card("card 1", new SetUp("lacquer", "", 200, 3, "", 18), 30, Instant.EPOCH, Duration.ofHours(6))));
        make(new CardRead("card 1", new TestCard.Read(38, 46, Instant.EPOCH.plus(Duration.ofHours(6)))));
        assertThat(tasks()).doesNotContainKey("held:card-1");
        assertThat(tasks().get("spray-card:2").said()).isEqualTo("treat another test card: the last one missed");
        assertThat(tasks().get("spray-load:1").after())
                .filteredOn(after -> after.task().equals("spray-card:2"))
                .singleElement()
                .satisfies(after -> assertThat(after.cures()).isEqualTo(Duration.ofHours(6)));
    }

    /** A load that hangs keeps its number and its pieces, whatever is listed afterwards. */
    @Test
    void whatHangsStaysTogether() {
        pieces(12);
        make(new PiecesMoved(List.of("p3", "p4"), Batch.Step.HUNG));
        var loads = NextLoad.of(job.finish().batch(), 9);
        assertThat(loads).extracting(NextLoad::number).containsExactly(1, 2, 3);
        assertThat(loads.getFirst().ids()).containsExactly("p3", "p4");
        assertThat(tasks())
                .containsKeys("spray-load:1", "spray-load:2", "prepare-load:3")
                .doesNotContainKey("prepare-load:1");

        make(new PiecesMoved(List.of("p3", "p4"), Batch.Step.SPRAYED));
        assertThat(NextLoad.of(job.finish().batch(), 9))
                .extracting(NextLoad::number)
                .containsExactly(2, 3);
    }

    /** What hangs takes the first slot, what is turned makes each load longer. */
    @Test
    void theLoadsHaveTheirDays() {
        var evenings = new WorkingHours(EnumSet.allOf(DayOfWeek.class), LocalTime.of(18, 0), LocalTime.of(20, 30));
        var crew = Yard.EMPTY
                .after(new OfCrew(new PlaceSaid(
                        "", new Place("spray place", Place.Kind.SPRAY_PLACE, 1, 9, 0, 0, List.of(evenings)))))
                .crew();
        pieces(12);
        make(new PiecesMoved(List.of("p3", "p4"), Batch.Step.HUNG));
        var plan = BatchPlan.of(job.finish().batch(), crew, MONDAY, MONDAY).orElseThrow();
        assertThat(plan.hung()).singleElement().satisfies(hung -> {
            assertThat(hung.number()).isEqualTo(1);
            assertThat(hung.load().slot().begins()).isEqualTo(MONDAY.withHour(18));
        });
        assertThat(plan.whole().loads()).hasSize(3);
        assertThat(plan.whole().ready()).contains(LocalDateTime.of(2026, 4, 23, 10, 30));
        assertThat(plan.fits()).isFalse();
        assertThat(BatchPlan.of(job.finish().batch(), crew, MONDAY.withHour(19), MONDAY)
                        .orElseThrow()
                        .hung()
                        .getFirst()
                        .load()
                        .slot()
                        .begins())
                .as("it is sprayed in the slot that has begun")
                .isEqualTo(MONDAY.withHour(18));

        assertThat(BatchPlan.of(job.finish().batch(), crew, MONDAY, MONDAY.plusHours(12))
                        .orElseThrow()
                        .whole()
                        .ready())
                .as("its card is not dry that evening")
                .contains(LocalDateTime.of(2026, 4, 24, 10, 30));

        make(new BatchSaid(new Batch.How(
                3, 1.5, Duration.ofHours(2), Duration.ofHours(1), Duration.ofHours(14), MONDAY.plusDays(3))));
        make(new PieceListed(new HardPiece("flat", "trim strip", 0.1, MONDAY, 0, "dark", false, "", true, "", "")));
        assertThat(BatchPlan.of(job.finish().batch(), crew, MONDAY, MONDAY)
                        .orElseThrow()
                        .whole()
                        .loads())
                .as("half an hour short of turning")
                .isEmpty();
    }

    /** A part that is coated is not put back before its coats are done. */
    @Test
    void aSurfaceUnderWayIsATask() {
        var steps =
                new CoatSystem(Ground.HARD_PLASTIC, Binder.ACRYLIC, Binder.ACRYLIC, false, 2, 1).steps(Products.USUAL);
        make(new FinishChange.OnCoating(new CoatingChange.CoatingBegun(
                Coating.begun("surface-1", "dash top", List.of(), Ground.HARD_PLASTIC, 0.5, steps))));
        assertThat(tasks().get("coat:surface-1").said())
                .isEqualTo("fill and colour the dash top: wash it, and let it dry");
        assertThat(job.stops()).contains(new Stop.CoatsOpen("dash top", "wash it, and let it dry"));
    }

    /** Small pieces that are not fitted, and mixes of which nobody has said what is kept, keep the car here. */
    @Test
    void whatIsOpenAtTheBenchKeepsTheCarHere() {
        pieces(1);
        make(new FinishChange.RecipeKept(new Recipe(
                "recipe 1", "sage", "c1", Map.of("white", 60.0), Map.of(), List.of(), 0.7, "", MONDAY.toLocalDate())));
        assertThat(job.stops())
                .contains(new Stop.PiecesOpen(1, List.of("ring 0")), new Stop.NoTouchUp("recipe 1", "sage"));
        make(new PiecesMoved(List.of("p0"), Batch.Step.FITTED));
        make(new FinishChange.TouchUpKept(new TouchUp("recipe 1", 30, "bottle in the boot")));
        assertThat(job.stops()).isEmpty();
        assertThat(GoingHome.touchUps(job.finish())).containsExactly("touch-up of sage, 30 g, bottle in the boot");
    }
}
