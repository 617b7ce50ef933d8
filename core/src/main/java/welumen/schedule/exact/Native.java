package welumen.schedule.exact;

import com.google.ortools.Loader;
import java.util.concurrent.CompletableFuture;

/**
 * The solver's native library, loaded at first use. It is unpacked on a thread that nobody stops: its loader takes a stopped
 * unpacking for a loaded library.
 */
final class Native {
    private static final CompletableFuture<Void> LOADED = CompletableFuture.runAsync(Loader::loadNativeLibraries);

    private Native() {}

    /** Waits until it is there, and goes on waiting where the thread is interrupted. */
    static void load() {
        LOADED.join();
    }
}
