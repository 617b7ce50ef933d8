package welumen.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Cells that hang together by their sides. */
record Regions(int[] of, List<Integer> sizes) {
    /** Each cell of the field gets the number of its region, the others −1. */
    static Regions of(boolean[] field, int columns, int rows) {
        var of = new int[field.length];
        Arrays.fill(of, -1);
        var sizes = new ArrayList<Integer>();
        var stack = new int[field.length];
        for (var start = 0; start < field.length; start++) {
            if (!field[start] || of[start] >= 0) continue;
            var number = sizes.size();
            var size = 0;
            var top = 0;
            stack[top++] = start;
            of[start] = number;
            while (top > 0) {
                var at = stack[--top];
                size++;
                var column = at % columns;
                if (column > 0) top = push(field, of, stack, top, at - 1, number);
                if (column < columns - 1) top = push(field, of, stack, top, at + 1, number);
                if (at >= columns) top = push(field, of, stack, top, at - columns, number);
                if (at < field.length - columns) top = push(field, of, stack, top, at + columns, number);
            }
            sizes.add(size);
        }
        return new Regions(of, sizes);
    }

    private static int push(boolean[] field, int[] of, int[] stack, int top, int at, int number) {
        if (!field[at] || of[at] >= 0) return top;
        of[at] = number;
        stack[top] = at;
        return top + 1;
    }

    /** The number of the largest; −1 where there is none. */
    int largest() {
        return largest(new boolean[sizes.size()]);
    }

    /** @param isOut regions that do not count */
    int largest(boolean[] isOut) {
        var best = -1;
        for (var i = 0; i < sizes.size(); i++) if (!isOut[i] && (best < 0 || sizes.get(i) > sizes.get(best))) best = i;
        return best;
    }
}
