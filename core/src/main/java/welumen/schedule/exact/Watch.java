package welumen.schedule.exact;

import com.google.ortools.sat.CpSolver;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;

/** Ends a search as soon as somebody wants that. */
final class Watch implements AutoCloseable {
    private static final int MILLIS = 40;

    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("ends the plan").factory());

    Watch(CpSolver solver, BooleanSupplier stop) {
        looking.scheduleWithFixedDelay(
                () -> {
                    if (stop.getAsBoolean()) solver.stopSearch();
                },
                MILLIS,
                MILLIS,
                TimeUnit.MILLISECONDS);
    }

    @Override
    public void close() {
        looking.shutdownNow();
    }
}
