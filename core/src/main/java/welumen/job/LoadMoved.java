package welumen.job;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.finish.Batch;
import welumen.finish.FinishChange.PiecesMoved;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;

/** What comes of a load that is hung or sprayed, wherever that is said. */
public final class LoadMoved {
    private static final Duration HANDLED = Duration.ofHours(24);

    private LoadMoved() {}

    public static JobChange hung(List<String> ids) {
        return new AtFinish(new PiecesMoved(ids, Batch.Step.HUNG));
    }

    /** They are sprayed, and their clock runs until they can be handled. */
    public static JobChange sprayed(Batch batch, int number, List<String> ids, Instant now) {
        var handled = batch.said().map(Batch.How::handled).orElse(HANDLED);
        List<JobChange> changes = new ArrayList<>();
        changes.add(new AtFinish(new PiecesMoved(ids, Batch.Step.SPRAYED)));
        if (handled.isPositive())
            changes.add(new OnClock(new ClockStarted(new BenchClock(
                    "load:" + ids.getFirst(),
                    "Load %d of %d".formatted(number, ids.size()),
                    "take them off their hooks",
                    now,
                    handled))));
        return Together.of(changes);
    }
}
