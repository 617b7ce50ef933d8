package welumen.yard;

import java.time.LocalDate;
import java.util.UUID;

/** What happens to the list of cars. */
public sealed interface CarsChange {
    record CarTitled(UUID job, String title) implements CarsChange {}

    record CarSetAside(UUID job, String why) implements CarsChange {}

    /** It is worked on again, set aside or closed before. */
    record CarTakenUp(UUID job) implements CarsChange {}

    record CarClosed(UUID job, LocalDate day) implements CarsChange {}
}
