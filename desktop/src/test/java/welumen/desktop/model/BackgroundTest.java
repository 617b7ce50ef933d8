package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;

/** With a queue in the place of the window's thread: what it is told is told when the test lets it. */
class BackgroundTest {
    private final LinkedBlockingQueue<Runnable> window = new LinkedBlockingQueue<>();
    private final Background background = new Background(window::add);
    private final List<Object> told = new ArrayList<>();

    @AfterEach
    void close() {
        background.close();
    }

    private <T> Running ask(Takes takes, Background.Work<T> work) {
        return background.ask("a question", takes, work, told::add, fault -> told.add(fault.getMessage()));
    }

    /** Lets the window's thread hear so many words. */
    private void hear(int words) throws InterruptedException {
        for (var i = 0; i < words; i++) {
            var word = window.poll(20, TimeUnit.SECONDS);
            assertThat(word).as("a word for the window").isNotNull();
            word.run();
        }
    }

    @Test
    void whatIsAskedIsListedAnsweredAndListedNoMore() throws InterruptedException {
        var running = ask(Takes.A_MOMENT, _ -> 42);
        assertThat(background.running()).containsExactly(running);
        assertThat(running.shareProperty().get()).isNegative();
        running.whenStopped(() -> told.add("stopped"));
        hear(1);
        assertThat(told).containsExactly(42);
        assertThat(background.running()).isEmpty();
        running.stop();
        assertThat(told).as("it had ended").containsExactly(42);
    }

    @Test
    void aFaultIsToldAsOne() throws InterruptedException {
        ask(Takes.A_MOMENT, _ -> {
            throw new IllegalStateException("no light");
        });
        hear(1);
        assertThat(told).containsExactly("no light");
        ask(Takes.A_MOMENT, _ -> "still there");
        hear(1);
        assertThat(told).containsExactly("no light", "still there");
    }

    @Test
    void aLongSearchKeepsNoQuestionWaiting() throws InterruptedException {
        var end = new CountDownLatch(1);
        ask(Takes.A_WHILE, running -> {
            running.is(0.5);
            return end.await(20, TimeUnit.SECONDS);
        });
        hear(1);
        assertThat(background.running().getFirst().shareProperty().get()).isEqualTo(0.5);
        ask(Takes.A_MOMENT, _ -> "at once");
        hear(1);
        assertThat(told).containsExactly("at once");
        assertThat(background.running()).hasSize(1);
        end.countDown();
        hear(1);
        assertThat(told).containsExactly("at once", true);
    }

    @Test
    void whatIsStoppedTellsNothingAndWhatWaitsForItsTurnNeverBegins() throws InterruptedException {
        var begun = new CountDownLatch(1);
        var end = new CountDownLatch(1);
        var first = ask(Takes.A_WHILE, running -> {
                    begun.countDown();
                    end.await(20, TimeUnit.SECONDS);
                    return running.isStopped();
                })
                .whenStopped(() -> told.add("stopped"));
        var second = ask(Takes.A_WHILE, _ -> told.add("never"));
        begun.await(20, TimeUnit.SECONDS);
        second.stop();
        first.stop();
        first.stop();
        assertThat(background.running()).isEmpty();
        end.countDown();
        hear(1);
        ask(Takes.A_WHILE, _ -> "next");
        hear(1);
        assertThat(told).containsExactly("stopped", "next");
    }

    @Test
    void closingStopsAll() {
        var end = new CountDownLatch(1);
        var running = ask(Takes.A_WHILE, _ -> end.await(20, TimeUnit.SECONDS));
        background.close();
        assertThat(running.isStopped()).isTrue();
        assertThat(background.running()).isEmpty();
    }
}
