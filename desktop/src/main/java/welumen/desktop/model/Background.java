package welumen.desktop.model;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.jspecify.annotations.Nullable;

/**
 * What is worked out off the window's thread: told what runs, how far it is, and stopped. There are two threads, one for what
 * takes a moment and one for what takes a while, so that no search keeps a question waiting.
 */
public final class Background {
    /** How long something usually takes. */
    public enum Takes {
        /** A second or so. */
        A_MOMENT,
        /** Some seconds, or minutes. */
        A_WHILE
    }

    /** Something to be worked out. It must not touch the window, and looks now and then whether it is still wanted. */
    @FunctionalInterface
    public interface Work<T> {
        T done(Running running) throws Exception;
    }

    /** One thing that runs, or waits for its turn. */
    public final class Running {
        private final String word;
        private @Nullable Runnable onStop;
        private final ReadOnlyDoubleWrapper share = new ReadOnlyDoubleWrapper(this, "share", UNKNOWN);
        private volatile boolean stopped;

        private Running(String word, @Nullable Runnable onStop) {
            this.word = word;
            this.onStop = onStop;
        }

        /** What it is, as “tracing the left kick panel”. */
        public String word() {
            return word;
        }

        /** How much of it is done, 0 to 1; below nought where nobody knows. Changes on the window's thread. */
        public ReadOnlyDoubleProperty shareProperty() {
            return share.getReadOnlyProperty();
        }

        /** Says how far it is, from whatever thread. */
        public void is(double share) {
            window.execute(() -> this.share.set(share));
        }

        /** Whether whoever asked is told of a stop, so that it may be stopped by hand; else they would wait for ever. */
        public boolean mayBeStopped() {
            return onStop != null;
        }

        /** What to do where somebody stops it; on the window's thread. */
        public Running whenStopped(Runnable then) {
            onStop = then;
            return this;
        }

        /** Nothing of it is wanted any more, and nothing more is told of it; nothing happens where it has ended. */
        public void stop() {
            if (!running.remove(this)) return;
            stopped = true;
            if (onStop != null) onStop.run();
        }

        public boolean isStopped() {
            return stopped;
        }
    }

    private static final double UNKNOWN = -1;

    private final Executor window;
    private final ObservableList<Running> running = FXCollections.observableArrayList();
    private final Map<Takes, ExecutorService> threads = Stream.of(Takes.values())
            .collect(Collectors.toMap(
                    takes -> takes,
                    takes -> Executors.newSingleThreadExecutor(Thread.ofPlatform()
                            .daemon()
                            .priority(Thread.NORM_PRIORITY - 1)
                            .name("beside the window, " + takes.name())
                            .factory()),
                    (one, _) -> one,
                    () -> new EnumMap<>(Takes.class)));

    /** @param window runs things on the window's thread */
    public Background(Executor window) {
        this.window = window;
    }

    /** What runs or waits, the oldest first; changes on the window's thread. */
    public ObservableList<Running> running() {
        return running;
    }

    /**
     * Asked on the window's thread, and answered there, unless it was stopped.
     *
     * @param word what it is, as “tracing the left kick panel”
     * @param then told what came of it
     * @param failed told why nothing did
     */
    public <T> Running ask(
            String word, Takes takes, Work<T> work, Consumer<? super T> then, Consumer<? super Exception> failed) {
        var one = new Running(word, null);
        running.add(one);
        Objects.requireNonNull(threads.get(takes)).execute(() -> {
            if (one.isStopped()) return;
            try {
                var found = work.done(one);
                window.execute(() -> end(one, () -> then.accept(found)));
            } catch (Exception fault) {
                window.execute(() -> end(one, () -> failed.accept(fault)));
            }
        });
        return one;
    }

    /**
     * The same for what tells by itself what came of it.
     *
     * @param stop ends it early
     */
    public Running run(String word, Takes takes, Runnable task, Runnable stop) {
        var one = new Running(word, stop);
        running.add(one);
        Objects.requireNonNull(threads.get(takes)).execute(() -> {
            try {
                if (!one.isStopped()) task.run();
            } finally {
                window.execute(() -> end(one, () -> {}));
            }
        });
        return one;
    }

    private void end(Running one, Runnable word) {
        running.remove(one);
        if (!one.isStopped()) word.run();
    }

    /** Ends all that runs. */
    public void close() {
        for (var one : running.toArray(Running[]::new)) one.stop();
        threads.values().forEach(ExecutorService::shutdownNow);
    }
}
