package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cut.stock.Stock;
import welumen.intake.HouseWay;
import welumen.job.JobChange.AtSurvey;
import welumen.journal.Action;
import welumen.survey.SurveyChange.LookedAt;
import welumen.yard.CarFile;
import welumen.yard.Person;
import welumen.yard.YardChange.PersonJoined;

/** Whole workshops as earlier Welumens wrote them, kept for ever: they open, and are worked on. */
class EarlierWorkshopTest {
    @TempDir
    Path folder;

    @BeforeEach
    void unpack() throws IOException {
        try (var packed =
                new GZIPInputStream(EarlierWorkshopTest.class.getResourceAsStream("before-the-yard.sqlite.gz"))) {
            Files.copy(packed, folder.resolve("workshop.sqlite"));
        }
    }

    @Test
    void oneFromBeforeTheYardOpensWithAllThatItHad() {
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(Clock.systemUTC()).state();
            assertThat(yard.name()).isEqualTo("Thimble Yard");
            assertThat(yard.crew().people().all()).extracting(Person::name).containsExactly("Orla", "Bram", "Ivo");
            assertThat(yard.stock().here())
                    .extracting(Stock::id)
                    .startsWith("hide 1", "hide 2")
                    .hasSize(4);
            assertThat(yard.garage().inWork()).extracting(CarFile::title).hasSize(3);
            assertThat(yard.house().hasPrices()).isFalse();
            for (var car : yard.garage().all()) {
                var log = workshop.job(car.job(), Clock.systemUTC());
                var asInYard = log.state().in(yard, car.job());
                assertThat(asInYard.cabin().parts()).isNotEmpty();
                assertThat(asInYard.intake().agreed()).isPresent();
            }
            var selkie = yard.garage().all().getFirst();
            var job = workshop.job(selkie.job(), Clock.systemUTC()).state().in(yard, selkie.job());
            assertThat(job.clocks().running())
                    .as("clocks that were kept with the car run on")
                    .hasSize(3);
            assertThat(job.brief().ways()).containsExactly(HouseWay.KEEP_OLD_AS_PATTERN);
        }
    }

    @Test
    void itIsWorkedOnAndOpensAgain() {
        var dash = new PartId("dash");
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(Clock.systemUTC());
            var car = workshop.job(yard.state().garage().all().getFirst().job(), Clock.systemUTC());
            Action.by("Orla")
                    .make(car, new AtSurvey(new LookedAt(dash)))
                    .make(yard, new PersonJoined("Ada"))
                    .done();
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(Clock.systemUTC());
            var car = workshop.job(yard.state().garage().all().getFirst().job(), Clock.systemUTC());
            assertThat(car.state().survey().looked()).contains(dash);
            Action.by("Orla").takeBack(car, _ -> yard).done();
            assertThat(yard.state().crew().people().findOne("Ada")).isEmpty();
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(workshop.yard(Clock.systemUTC()).state().crew().people().all())
                    .extracting(Person::name)
                    .isEqualTo(List.of("Orla", "Bram", "Ivo"));
        }
    }
}
