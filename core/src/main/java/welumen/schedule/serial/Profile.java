package welumen.schedule.serial;

import java.util.Arrays;

/** How much of one resource is in use over time: steps, each from its time until the next one's. */
final class Profile {
    private static final int FREE = -1;

    private final int count;
    private int[] at = {Integer.MIN_VALUE, 0};
    private int[] used = {0, 0};
    private int size = 1;
    private int[] alwaysAt = {};
    private int[] alwaysUsed = {};

    /** @param count how many there are */
    Profile(int count) {
        this.count = count;
    }

    /** What is in use now is so in every plan. */
    void keep() {
        alwaysAt = Arrays.copyOf(at, size);
        alwaysUsed = Arrays.copyOf(used, size);
    }

    /** With nothing in use but what always is. */
    void clear() {
        size = Math.max(1, alwaysAt.length);
        System.arraycopy(alwaysAt, 0, at, 0, alwaysAt.length);
        System.arraycopy(alwaysUsed, 0, used, 0, alwaysUsed.length);
    }

    /** The end of the last step within a time in which there is not so much left; {@link #FREE} where there is all along. */
    int conflictEnd(int from, int to, int amount) {
        for (var i = stepAt(to - 1); i >= 0 && (i + 1 == size || at[i + 1] > from); i--)
            if (used[i] + amount > count) return at[i + 1]; // the last step is never in use
        return FREE;
    }

    /** The beginning of the first step within a time in which there is not so much left; {@link #FREE} where there is. */
    int conflictStart(int from, int to, int amount) {
        for (var i = stepAt(from); i < size && at[i] < to; i++) if (used[i] + amount > count) return at[i];
        return FREE;
    }

    static boolean isFree(int answer) {
        return answer == FREE;
    }

    void use(int from, int to, int amount) {
        var first = cut(from);
        var last = cut(to);
        for (var i = first; i < last; i++) used[i] += amount;
    }

    /** The step that begins at a time, made where there is none. */
    private int cut(int time) {
        var i = stepAt(time);
        if (at[i] == time) return i;
        if (size + 1 >= at.length) {
            at = Arrays.copyOf(at, at.length * 2);
            used = Arrays.copyOf(used, used.length * 2);
        }
        System.arraycopy(at, i + 1, at, i + 2, size - i - 1);
        System.arraycopy(used, i + 1, used, i + 2, size - i - 1);
        at[i + 1] = time;
        used[i + 1] = used[i];
        size++;
        return i + 1;
    }

    private int stepAt(int time) {
        var i = Arrays.binarySearch(at, 0, size, time);
        return i >= 0 ? i : -i - 2;
    }
}
