package welumen.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.pieces.FromPattern;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.Entry;
import welumen.standins.camera.CameraStandin;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;
import welumen.strip.reach.Hold;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.WhatHolds;
import welumen.yard.Place;

class DemoWorkshopTest {
    @TempDir
    Path home;

    @Test
    void theFirstJobStandsAsItIsTold() {
        var folder = home.resolve("demo");
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        try (var workshop = WorkshopFolder.open(folder)) {
            var clock = DemoDay.clock(DemoDay.USUAL);
            var yard = workshop.yard(clock);
            var job = workshop.job(DemoWorkshop.SELKIE, clock).state().in(yard.state(), DemoWorkshop.SELKIE);
            var sill = new PartId("left-sill-cover");
            assertThat(job.cabin().parts()).hasSizeGreaterThan(40);
            assertThat(job.stateOf(new PartId("right-rear-floor"))).isEqualTo(PartState.HELD);
            assertThat(job.stateOf(new PartId("right-front-door-card"))).isEqualTo(PartState.FITTED);
            assertThat(job.stateOf(new PartId("left-front-seat"))).isEqualTo(PartState.OUT);
            var holds = WhatHolds.of(job.strip(), sill);
            assertThat(holds).hasSize(2);
            assertThat(((Hold.ByFixings) holds.getLast()).left()).isEqualTo(2);
            assertThat(ReachPlanner.plan(job.cabin(), job.strip(), new PartId("cross-member")))
                    .isInstanceOf(ReachPlanner.Reach.Route.class);
            assertThat(job.clocks().running()).hasSize(3);
        }
    }

    /** As it is described: three people, two benches, two machines, a table, a spray place, room for three cars. */
    @Test
    void itsYardIsFilledAndItsClockNeverRunsBackwards() {
        var folder = home.resolve("demo");
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        try (var workshop = WorkshopFolder.open(folder)) {
            var clock = DemoDay.clock(DemoDay.USUAL);
            var log = workshop.yard(clock);
            var yard = log.state();
            assertThat(yard.crew().people().all()).hasSize(3);
            assertThat(yard.crew().places().all())
                    .extracting(Place::kind)
                    .containsAll(EnumSet.complementOf(EnumSet.of(Place.Kind.OTHER)));
            assertThat(yard.goods().suppliers().all()).hasSize(2);
            assertThat(yard.house().hasPrices()).isTrue();
            for (var car : yard.garage().all())
                assertThat(workshop.job(car.job(), clock).entries())
                        .extracting(Entry::at)
                        .isSorted();
            assertThat(log.entries()).extracting(Entry::at).isSorted();
            var last = log.entries().getLast().at().plus(Duration.ofHours(3));
            assertThat(DemoDay.clock(DemoDay.USUAL, last).instant())
                    .as("who worked till six begins at six again")
                    .isAfterOrEqualTo(last);
        }
    }

    @Test
    void itsPiecesCanBeLaidOutOnItsHidesAndRolls() {
        var folder = home.resolve("demo");
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        try (var workshop = WorkshopFolder.open(folder)) {
            var clock = DemoDay.clock(DemoDay.USUAL);
            var pieces =
                    workshop.job(DemoWorkshop.SELKIE, clock).state().patterns().pieces();
            var stock = workshop.yard(clock).state().stock().here();
            assertThat(stock.getFirst().shape().holes()).hasSize(14);
            assertThat(stock.getFirst().shape().outline().area()).isBetween(4.89e6, 4.91e6);
            var problem = new CutProblem(3, FromPattern.pieces(pieces), stock, List.of());
            CutPlan plan = Nester.lay(problem, NestOptions.USUAL.withRounds(1), (_, _) -> {}, () -> false);
            assertThat(plan.unplaced()).isEmpty();
            assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        }
    }

    @Test
    void itIsFilledOnceAndNeverOver() {
        var folder = home.resolve("demo");
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        var before = folder.resolve("workshop.sqlite").toFile().lastModified();
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        assertThat(folder.resolve("workshop.sqlite").toFile().lastModified()).isEqualTo(before);
        assertThat(Files.exists(home.resolve("demo.half"))).isFalse();
    }

    @Test
    void theCameraSeesTheSameThingTwice() {
        assertThat(new CameraStandin().shoot("sill")).isEqualTo(new CameraStandin().shoot("sill"));
        assertThat(new CameraStandin().shoot("sill")).isNotEqualTo(new CameraStandin().shoot("console"));
    }
}
