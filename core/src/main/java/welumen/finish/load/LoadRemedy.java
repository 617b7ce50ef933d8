package welumen.finish.load;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Locale;
import java.util.Optional;

/** Something that might make the loads fit their day. */
public sealed interface LoadRemedy {
    /** The problem, where it is so; empty where it says nothing here. */
    Optional<LoadProblem> tried(LoadProblem problem);

    String said();

    /** What nobody sees is left as it is. */
    record WithoutHidden() implements LoadRemedy {
        @Override
        public Optional<LoadProblem> tried(LoadProblem problem) {
            var seen =
                    problem.pieces().stream().filter(piece -> !piece.isHidden()).toList();
            return seen.size() == problem.pieces().size() || seen.isEmpty()
                    ? Optional.empty()
                    : Optional.of(problem.of(seen));
        }

        @Override
        public String said() {
            return "leave out what nobody sees";
        }
    }

    /** Every slot ends sooner by so much. */
    record EndSooner(Duration by) implements LoadRemedy {
        @Override
        public Optional<LoadProblem> tried(LoadProblem problem) {
            var slots = new ArrayList<Slot>();
            for (var slot : problem.slots())
                if (slot.length().compareTo(by) > 0 && slot.length().minus(by).compareTo(problem.needs()) >= 0)
                    slots.add(new Slot(slot.begins(), slot.ends().minus(by)));
            return slots.isEmpty() ? Optional.empty() : Optional.of(problem.in(slots));
        }

        @Override
        public String said() {
            return "end %s sooner each time".formatted(words(by));
        }
    }

    /** One slot more. */
    record AnotherSlot(Slot slot) implements LoadRemedy {
        @Override
        public Optional<LoadProblem> tried(LoadProblem problem) {
            var slots = new ArrayList<>(problem.slots());
            slots.add(slot);
            slots.sort((a, b) -> a.begins().compareTo(b.begins()));
            for (var i = 1; i < slots.size(); i++)
                if (slots.get(i).begins().isBefore(slots.get(i - 1).ends())) return Optional.empty();
            return Optional.of(problem.in(slots));
        }

        @Override
        public String said() {
            return String.format(
                    Locale.UK, "spray on %1$ta %1$te %1$tb from %1$tR to %2$tR too", slot.begins(), slot.ends());
        }
    }

    /** Whoever waits comes later. */
    record LaterDue(LocalDateTime due) implements LoadRemedy {
        @Override
        public Optional<LoadProblem> tried(LoadProblem problem) {
            return Optional.of(new LoadProblem(
                    problem.pieces(),
                    problem.slots(),
                    problem.holds(),
                    problem.needs(),
                    problem.handled(),
                    Optional.of(due)));
        }

        @Override
        public String said() {
            return String.format(Locale.UK, "have whoever waits come at %1$tR on %1$ta %1$te %1$tb", due);
        }
    }

    /** Two of them at once. */
    record Both(LoadRemedy one, LoadRemedy other) implements LoadRemedy {
        @Override
        public Optional<LoadProblem> tried(LoadProblem problem) {
            return one.tried(problem).flatMap(other::tried);
        }

        @Override
        public String said() {
            return one.said() + ", and " + other.said();
        }
    }

    private static String words(Duration time) {
        if (time.toMinutes() % 60 != 0) return time.toMinutes() + " minutes";
        return time.toHours() == 1 ? "an hour" : time.toHours() + " hours";
    }
}
