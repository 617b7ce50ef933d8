package welumen.finish.load;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/**
 * Which pieces are to be sprayed, and when that can be.
 *
 * @param slots rising; in each one load
 * @param holds pieces in a load, at least one
 * @param needs how long a load takes; a shorter slot is none
 * @param handled how long after a slot’s end its pieces can be handled
 * @param due when all should be ready; empty where nobody has said
 */
public record LoadProblem(
        List<HardPiece> pieces,
        List<Slot> slots,
        int holds,
        Duration needs,
        Duration handled,
        Optional<LocalDateTime> due) {
    public LoadProblem {
        pieces = List.copyOf(pieces);
        slots = List.copyOf(slots);
        if (holds < 1) throw new IllegalArgumentException("A load of [%d] pieces is none.".formatted(holds));
        if (needs.isNegative() || handled.isNegative())
            throw new IllegalArgumentException("A time below nought is none.");
        var ids = new HashSet<String>();
        for (var piece : pieces)
            if (!ids.add(piece.id()))
                throw new IllegalArgumentException("“%s” stands twice among the pieces.".formatted(piece.id()));
        for (var i = 1; i < slots.size(); i++)
            if (slots.get(i).begins().isBefore(slots.get(i - 1).ends()))
                throw new IllegalArgumentException(
                        "The slots overlap at %s.".formatted(slots.get(i).begins()));
    }

    LoadProblem of(List<HardPiece> others) {
        return new LoadProblem(others, slots, holds, needs, handled, due);
    }

    LoadProblem in(List<Slot> others) {
        return new LoadProblem(pieces, others, holds, needs, handled, due);
    }
}
