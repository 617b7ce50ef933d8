package welumen.desktop;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A written piece of work on a car in a workshop of its own. */
abstract class OwnCarWalk {
    @TempDir
    private Path home;

    private final String year;
    private final String model;
    private final String body;
    OwnCar car;
    Workbench bench;

    OwnCarWalk(String year, String model, String body) {
        this.year = year;
        this.model = model;
        this.body = body;
    }

    @BeforeEach
    final void takeIn() {
        car = OwnCar.takenIn(home, year, model, body);
        bench = car.bench;
    }

    @AfterEach
    final void close() {
        car.close();
    }
}
