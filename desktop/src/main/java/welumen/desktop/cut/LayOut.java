package welumen.desktop.cut;

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
import welumen.desktop.model.Background;
import welumen.desktop.model.Background.Takes;

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
                OffcutsFirst.pinned(RestsFirst.of(OneLot.of(remaining, stop), stop), stop),
                options,
                (_, best) -> {
                    updateValue(remaining.merged(best));
                    var gone = (double) (System.nanoTime() - start)
                            / options.time().toNanos();
                    updateProgress(Math.min(1, gone), 1);
                },
                stop));
    }

    /** Runs it beside the window; the search brings its two workers. Stopped from the list, its plan is thrown away. */
    void begin(Background background) {
        var listed = background.run("laying out", Takes.A_WHILE, this, this::cancel);
        progressProperty().subscribe(share -> listed.is(share.doubleValue()));
    }
}
