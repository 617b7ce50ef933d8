package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayDeque;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the other cars teach: read beside, counted once read, and never the open one among them. */
class OtherCarsTest {
    @TempDir
    Path home;

    private OpenDemo demo;
    private JobModel model;

    @BeforeEach
    void open() {
        demo = new OpenDemo(home);
        model = demo.model;
    }

    @AfterEach
    void close() {
        demo.close();
    }

    @Test
    void theOpenOneIsNotAmongTheOthers() {
        var open = model.openedProperty().get();
        assertThat(model.others().all())
                .isNotEmpty()
                .noneMatch(other -> other.file().equals(open));
        assertThat(model.others().everyCar())
                .hasSize(model.yard().state().garage().all().size());
    }

    @Test
    void untilTheyAreReadThoseCountThatWere() {
        var beside = new ArrayDeque<Runnable>();
        var window = new ArrayDeque<Runnable>();
        model.listen(beside::add, window::add);
        assertThat(model.others().isReading()).isTrue();
        var before = model.others().all().size();
        beside.remove().run();
        assertThat(model.others().all()).hasSize(before);
        while (!window.isEmpty()) window.remove().run();
        assertThat(model.others().isReading()).isFalse();
        assertThat(model.others().all())
                .hasSize(model.yard().state().garage().all().size() - 1);
        model.close();
    }

    @Test
    void aCarOfThatVeryNameTeachesLastSoThatItsWordStands() {
        var known = model.others().everyCar().stream()
                .flatMap(car -> car.state().intake().known().stream())
                .findFirst()
                .orElseThrow();
        var teaching = model.others().teaching(known.name(), known.body());
        assertThat(teaching).isNotEmpty();
        assertThat(teaching.getLast().isOfName()).isTrue();
    }
}
