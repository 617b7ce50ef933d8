package welumen.trace;

import java.util.stream.IntStream;

/** Evens a field of cells out. */
final class Smooth {
    private Smooth() {}

    /** The mean over a square that reaches so many cells to each side; at the rim over what there is. */
    static float[] box(float[] field, int columns, int rows, int reach) {
        var across = new float[field.length];
        IntStream.range(0, rows).parallel().forEach(row -> {
            for (var column = 0; column < columns; column++) {
                var from = Math.max(0, column - reach);
                var to = Math.min(columns - 1, column + reach);
                var sum = 0f;
                for (var i = from; i <= to; i++) sum += field[row * columns + i];
                across[row * columns + column] = sum / (to - from + 1);
            }
        });
        var both = new float[field.length];
        IntStream.range(0, rows).parallel().forEach(row -> {
            var from = Math.max(0, row - reach);
            var to = Math.min(rows - 1, row + reach);
            for (var column = 0; column < columns; column++) {
                var sum = 0f;
                for (var i = from; i <= to; i++) sum += across[i * columns + column];
                both[row * columns + column] = sum / (to - from + 1);
            }
        });
        return both;
    }
}
