package welumen.cut.nest;

import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import welumen.measure.Because;

/** Threads that lay out, below the window's own. */
public final class Workers {
    /** Threads that lay out: as many as a plain computer has cores. */
    public static final int COUNT = 2;

    private Workers() {}

    public static ExecutorService pool(int count) {
        return Executors.newFixedThreadPool(count, Workers::thread);
    }

    /** @throws IllegalStateException if the work failed, or the wait was interrupted */
    public static <T> T result(Future<T> running) {
        try {
            return running.get();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Laying out was interrupted.", interrupted);
        } catch (ExecutionException failed) {
            var cause = failed.getCause() == null ? failed : failed.getCause();
            throw new IllegalStateException("Laying out failed: " + Because.of(cause), cause);
        }
    }

    private static Thread thread(Runnable work) {
        var thread = new Thread(work, "laying out");
        thread.setDaemon(true);
        thread.setPriority(Thread.NORM_PRIORITY - 1);
        return thread;
    }
}
