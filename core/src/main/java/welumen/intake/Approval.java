package welumen.intake;

import java.time.LocalDate;
import java.util.List;
import welumen.cabin.PartId;

/**
 * A choice that the customer must agree to. As long as it is open, the parts that depend on it are held.
 *
 * @param number from 1, the next free one in its job
 * @param holds the parts that wait for the answer
 */
public record Approval(int number, String question, List<PartId> holds, LocalDate asked, Answer answer) {
    /** What the customer said. */
    public sealed interface Answer {
        record Awaited() implements Answer {}

        /** @param words what was said, and by whom */
        record Given(boolean agreed, String words, LocalDate on) implements Answer {}
    }

    public Approval {
        holds = List.copyOf(holds);
        if (question.isBlank()) throw new IllegalArgumentException("An approval asks something: say what.");
    }

    public boolean isOpen() {
        return answer instanceof Answer.Awaited;
    }

    Approval answered(Answer.Given given) {
        return new Approval(number, question, holds, asked, given);
    }
}
