package welumen.shape;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Function;

/**
 * Answers that were asked for last, so many of them; those kept longest go first. Any thread may ask, and none waits for
 * another: two that ask the same at once both work it out.
 *
 * @param <Q> what is asked, told apart by {@code equals}
 * @param <A> what is answered, always the same to the same
 */
public final class Kept<Q, A> {
    private final int most;
    private final Map<Q, A> answers = new ConcurrentHashMap<>();
    private final ConcurrentLinkedQueue<Q> order = new ConcurrentLinkedQueue<>();

    /** @param most how many answers are kept, about */
    public Kept(int most) {
        this.most = most;
    }

    /** The answer that is kept, or a new one. */
    public A of(Q question, Function<Q, A> worked) {
        var kept = answers.get(question);
        if (kept != null) return kept;
        var answer = worked.apply(question);
        if (answers.putIfAbsent(question, answer) == null) order.add(question);
        while (answers.size() > most) {
            var oldest = order.poll();
            if (oldest == null) break;
            answers.remove(oldest);
        }
        return answer;
    }
}
