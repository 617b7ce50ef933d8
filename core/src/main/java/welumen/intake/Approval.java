package welumen.intake;

import java.time.LocalDate;
import java.util.List;
import welumen.cabin.PartId;

/**
 * A choice that the customer must agree to. As long as it is open, the parts that depend on it are held.
 *
 * @param number from 1, the next free one in its job
 * @param version the sample, drawing or recipe that is agreed to, “sample 4, thread 11”; may be empty
 * @param replaces the number of the approval in whose place it is asked, since something has changed; 0 for none
 * @param holds the parts that wait for the answer
 */
public record Approval(
        int number, String question, String version, int replaces, List<PartId> holds, LocalDate asked, Answer answer) {
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

    /** A first question, about nothing that has a version. */
    public Approval(int number, String question, List<PartId> holds, LocalDate asked, Answer answer) {
        this(number, question, "", 0, holds, asked, answer);
    }

    public boolean isOpen() {
        return answer instanceof Answer.Awaited;
    }

    Approval answered(Answer.Given given) {
        return new Approval(number, question, version, replaces, holds, asked, given);
    }
}
