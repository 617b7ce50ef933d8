package welumen.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The open spans of some hours over some days, on the wall's clock in seconds from the first day's midnight. An activity
 * starts at a quarter of an hour that is open; where it ends with the day, it ends at closing time.
 *
 * <p>Each question is a binary search among the spans.
 */
public final class OpenTime {
    /** Activities start at whole quarters of an hour. */
    public static final int QUARTER = 15 * 60;

    private static final int DAY = 24 * 60 * 60;

    private final int[] from;
    private final int[] to;
    /** Open seconds before each span. */
    private final int[] before;

    private OpenTime(List<int[]> spans) {
        from = spans.stream().mapToInt(span -> span[0]).toArray();
        to = spans.stream().mapToInt(span -> span[1]).toArray();
        before = new int[from.length + 1];
        for (var i = 0; i < from.length; i++) before[i + 1] = before[i] + to[i] - from[i];
    }

    /** @param days how many, the first of them included */
    public static OpenTime of(OpenHours hours, LocalDate first, int days) {
        var opens = hours.opens().toSecondOfDay();
        var closes = opens + (int) hours.open().toSeconds();
        var spans = new ArrayList<int[]>();
        for (var i = 0; i < days; i++)
            if (hours.isOpenOn(first.plusDays(i))) add(spans, i * DAY + opens, i * DAY + closes);
        return new OpenTime(spans);
    }

    /** Spans that touch are one. */
    private static void add(List<int[]> spans, int from, int to) {
        if (!spans.isEmpty() && spans.getLast()[1] >= from) spans.getLast()[1] = Math.max(spans.getLast()[1], to);
        else spans.add(new int[] {from, to});
    }

    /** When both are open; may be never. */
    public OpenTime and(OpenTime other) {
        var spans = new ArrayList<int[]>();
        var j = 0;
        for (var i = 0; i < from.length; i++) {
            while (j < other.from.length && other.to[j] <= from[i]) j++;
            for (var k = j; k < other.from.length && other.from[k] < to[i]; k++)
                add(spans, Math.max(from[i], other.from[k]), Math.min(to[i], other.to[k]));
        }
        return new OpenTime(spans);
    }

    /** When either is open. */
    public OpenTime or(OpenTime other) {
        var all = new ArrayList<int[]>();
        for (var one : List.of(this, other))
            for (var i = 0; i < one.from.length; i++) all.add(new int[] {one.from[i], one.to[i]});
        all.sort((a, b) -> Integer.compare(a[0], b[0]));
        var spans = new ArrayList<int[]>();
        for (var span : all) add(spans, span[0], span[1]);
        return new OpenTime(spans);
    }

    public boolean isNever() {
        return from.length == 0;
    }

    /** Whether every span begins and ends on so many seconds. */
    public boolean isWholeIn(int seconds) {
        return Arrays.stream(from).allMatch(at -> at % seconds == 0)
                && Arrays.stream(to).allMatch(at -> at % seconds == 0);
    }

    /** Open seconds in all. */
    public int whole() {
        return before[from.length];
    }

    /** Open seconds before a time. */
    public int open(int time) {
        var i = spanBegunBy(time);
        return i < 0 ? 0 : before[i] + Math.min(time, to[i]) - from[i];
    }

    /** The earliest start at or after a time. */
    public int next(int time) {
        var at = Math.max(0, Math.ceilDiv(time, QUARTER) * QUARTER);
        for (var i = Math.max(0, spanBegunBy(at)); i < from.length; i++) {
            var start = Math.max(at, Math.ceilDiv(from[i], QUARTER) * QUARTER);
            if (start < to[i]) return start;
        }
        throw late();
    }

    /** The end of so much work that is begun at an open time; of none, that time. */
    public int end(int start, int work) {
        return work == 0 ? start : closing(open(start) + work);
    }

    /** The time by which so much of it has gone by; at a closing, that and not the next opening. */
    public int closing(int open) {
        var i = Arrays.binarySearch(before, open);
        var span = i >= 0 ? i - 1 : -i - 2;
        if (span >= from.length) throw late();
        return span < 0 ? from[0] : from[span] + open - before[span];
    }

    /** The latest start of so much work that has ended by a time; below nought where there is none. */
    public int latest(int endBy, int work) {
        var left = open(endBy) - work;
        if (left < 0) return -1;
        var at = work == 0 ? endBy : opening(left);
        for (var i = spanBegunBy(at); i >= 0; i--) {
            var start = Math.min(at, to[i] - 1) / QUARTER * QUARTER;
            if (start >= from[i] && end(start, work) <= endBy) return start;
        }
        return -1;
    }

    /** The latest time before which so much of it has gone by: at a closing, the next opening. */
    private int opening(int open) {
        var i = Arrays.binarySearch(before, 0, from.length, open);
        var span = i >= 0 ? i : -i - 2;
        return from[span] + open - before[span];
    }

    /** The latest time from which a wait by this clock has ended by another; below nought where there is none. */
    public int before(int time, Duration wait) {
        if (wait.isZero()) return time;
        var left = open(time) - (int) wait.toSeconds();
        return left < 0 ? -1 : Math.min(time, opening(left));
    }

    private int spanBegunBy(int time) {
        var i = Arrays.binarySearch(from, time);
        return i >= 0 ? i : -i - 2;
    }

    private static IllegalStateException late() {
        return new IllegalStateException("The days that were looked at do not hold it all.");
    }

    /** A wait by this clock from a time on. */
    public int after(int time, Duration wait) {
        return wait.isZero() ? time : closing(open(time) + (int) wait.toSeconds());
    }
}
