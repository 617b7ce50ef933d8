package welumen.desktop.cut;

import javafx.application.Platform;
import javafx.concurrent.Task;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;
import welumen.cut.table.OffcutsFirst;
import welumen.cut.table.OneLot;
import welumen.cut.table.Remaining;
import welumen.cut.table.RestsFirst;

/** The nester off the window's thread. {@link #finishNow} keeps the best plan; {@code cancel} throws it away. */
final class LayOut extends Task<CutPlan> {
    private final Remaining remaining;
    private final NestOptions options;
    private volatile boolean finishNow;

    LayOut(Remaining remaining, NestOptions options) {
        this.remaining = remaining;
        this.options = options;
    }

    void finishNow() {
        finishNow = true;
    }

    CutProblem problem() {
        return remaining.whole();
    }

    @Override
    protected CutPlan call() {
        var start = System.nanoTime();
        StopSignal stop = () -> finishNow || isCancelled();
        return remaining.merged(Nester.lay(
                OffcutsFirst.pinned(RestsFirst.of(OneLot.of(remaining, stop), stop)),
                options,
                (_, best) -> {
                    updateValue(remaining.merged(best));
                    var gone = (double) (System.nanoTime() - start)
                            / options.time().toNanos();
                    updateProgress(Math.min(1, gone), 1);
                },
                stop));
    }

    /** Runs it on a thread of its own below the window's; the search brings its two workers. */
    void begin() {
        assert Platform.isFxApplicationThread();
        var thread = new Thread(this, "laying out, in charge");
        thread.setDaemon(true);
        thread.setPriority(Thread.NORM_PRIORITY - 1);
        thread.start();
    }
}
