package welumen.desktop.model;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import welumen.desktop.DemoCopy;
import welumen.desktop.NoPaper;
import welumen.standins.camera.CameraStandin;
import welumen.standins.demo.DemoDay;
import welumen.yard.CarFile;

/** The model over a demo of its own, without a window; its clock goes on as a test says. */
final class OpenDemo implements AutoCloseable {
    /** A clock that stands until it is moved. */
    private static final class HandClock extends Clock {
        private Instant now = DemoDay.start(DemoDay.USUAL);

        @Override
        public ZoneId getZone() {
            return DemoDay.ZONE;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    private final HandClock clock = new HandClock();
    private final OpenedWorkshop workshop;
    final JobModel model;

    OpenDemo(Path home) {
        workshop = OpenedWorkshop.open(DemoCopy.into(home), clock);
        model = new JobModel(
                workshop,
                "Ada",
                new Devices(new CameraStandin(), (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new NoPaper()));
    }

    /** The n-th car of the demo, from 0. */
    CarFile car(int number) {
        return model.yard().state().garage().all().get(number);
    }

    void pass(Duration time) {
        clock.now = clock.now.plus(time);
        model.tick();
    }

    @Override
    public void close() {
        workshop.folder().close();
    }
}
