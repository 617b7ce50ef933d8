package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.clock.Spell;

/** Whose time runs on what, and what of it counts. */
class WorkTimeTest {
    @TempDir
    Path home;

    private OpenDemo demo;
    private JobModel model;

    @BeforeEach
    void open() {
        demo = new OpenDemo(home);
        model = demo.model;
        model.personIs("Bea");
    }

    @AfterEach
    void close() {
        demo.close();
    }

    private Duration counted() {
        return model.job().work().spells().stream()
                .filter(spell -> spell.person().equals("Bea"))
                .map(Spell::worked)
                .reduce(Duration.ZERO, Duration::plus);
    }

    @Test
    void runsOnThePickedPartUntilItIsStopped() {
        model.workTime().startOrStop();
        assertThat(model.job().work().runningFor("Bea")).isPresent();
        demo.pass(Duration.ofMinutes(25));
        model.workTime().startOrStop();
        assertThat(model.job().work().runningFor("Bea")).isEmpty();
        assertThat(counted()).isEqualTo(Duration.ofMinutes(25));
    }

    @Test
    void timeInWhichNobodyTouchedAnythingIsNoWork() {
        model.workTime().startOrStop();
        demo.pass(Duration.ofMinutes(10));
        var touched = model.nowProperty().get();
        demo.pass(Duration.ofMinutes(50));
        model.workTime().stopAt(touched);
        assertThat(counted()).isEqualTo(Duration.ofMinutes(10));
    }

    @Test
    void nobodyIsAtTwoCarsAtOnce() {
        model.workTime().startOrStop();
        demo.pass(Duration.ofMinutes(5));
        var first = model.openedProperty().get();
        model.open(demo.car(first.equals(demo.car(1)) ? 2 : 1));
        model.workTime().startOrStop();
        assertThat(model.job().work().runningFor("Bea")).isPresent();
        assertThat(model.others().workOf("Bea")).isEmpty();
        model.takeBack();
        assertThat(model.job().work().runningFor("Bea")).isEmpty();
        assertThat(model.others().workOf("Bea").orElseThrow().car()).isEqualTo(first);
    }

    @Test
    void withNoPartPickedNothingBegins() {
        model.open(demo.car(welumen.desktop.DemoCopy.EMPTY_JOB));
        model.workTime().startOrStop();
        assertThat(model.job().work().runningFor("Bea")).isEmpty();
    }
}
