package welumen.cut.nest;

/**
 * 1, 1, 2, 1, 1, 2, 4, 1, 1, 2, 1, 1, 2, 4, 8, and so on: so long is kept at one trial after another where nobody knows how
 * long one wants that succeeds. All lengths together get about as much time each, and no other fixed order is better by more
 * than a logarithm (Luby, Sinclair and Zuckerman, 1993).
 */
final class LubySequence {
    private LubySequence() {}

    /** @param place from 1 on */
    static long at(long place) {
        if (place < 1)
            throw new IllegalArgumentException("Place %d of a sequence that begins with 1.".formatted(place));
        var left = place;
        while (true) {
            var power = Long.highestOneBit(left);
            // up to place 2ⁿ − 1 it ends in 2ⁿ⁻¹, and before that repeats what it was
            if (left == 2 * power - 1) return power;
            left -= power - 1;
        }
    }
}
