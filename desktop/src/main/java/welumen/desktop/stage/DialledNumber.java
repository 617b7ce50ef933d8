package welumen.desktop.stage;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * A number in a typed line, that can be dialled up and down.
 *
 * @param start where it begins in the line
 * @param end where it ends, exclusive
 */
record DialledNumber(int start, int end, String text) {
    private static final Pattern NUMBER = Pattern.compile("(?<![\\p{L}\\d./])\\d+(?:\\.\\d+)?(?![\\d/])");

    /** The one in which the cursor is, or at whose end it is. */
    static Optional<DialledNumber> at(String line, int caret) {
        return NUMBER.matcher(line)
                .results()
                .filter(found -> found.start() <= caret && caret <= found.end())
                .findFirst()
                .map(DialledNumber::of);
    }

    /** The first one from a place on. */
    static Optional<DialledNumber> next(String line, int from) {
        return NUMBER.matcher(line)
                .results()
                .filter(found -> found.start() >= from)
                .findFirst()
                .map(DialledNumber::of);
    }

    private static DialledNumber of(MatchResult found) {
        return new DialledNumber(found.start(), found.end(), found.group());
    }

    /** So many steps on, each of one in its last place; never below nought. */
    String by(int steps) {
        var now = new BigDecimal(text);
        var next = now.add(BigDecimal.valueOf(steps, now.scale()));
        return (next.signum() < 0 ? BigDecimal.valueOf(0, now.scale()) : next).toPlainString();
    }
}
