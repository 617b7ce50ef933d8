package welumen.cabin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import welumen.shape.Box;

/** Parts a box into rows of cells by weight: as near to a fitting shape as may be, and none smaller than a target. */
final class Cells {
    /** Pixels to a side of a target that a hand finds. */
    static final double TARGET = 40;

    /** Width in pixels below which a name is broken within its words. */
    private static final double WORD = 56;

    /** Width of a cell by its height that is best for its words: a little wider than high. */
    private static final double BEST_SHAPE = 1.5;

    private Cells() {}

    /** One cell a weight, in their order; together they fill the box. Heaviest first looks best. */
    static List<Box> of(Box box, List<Double> weights) {
        var columns = IntStream.rangeClosed(1, Math.max(1, (int) (box.width() / WORD)))
                .boxed()
                .min(Comparator.comparingDouble(count -> misfit(box, weights.size(), count)))
                .orElse(1);
        var rows = new ArrayList<List<Double>>();
        for (var from = 0; from < weights.size(); from += columns)
            rows.add(weights.subList(from, Math.min(weights.size(), from + columns)));
        return lay(box, rows);
    }

    private static double misfit(Box box, int cells, int columns) {
        var rows = Math.ceilDiv(cells, columns);
        var height = box.height() / rows;
        var shape = Math.abs(Math.log(box.width() / columns / height / BEST_SHAPE));
        return height < TARGET ? 100 + shape : shape;
    }

    private static List<Box> lay(Box box, List<List<Double>> rows) {
        var heights = Shares.of(box.height(), rows.stream().map(List::getFirst).toList(), TARGET);
        var cells = new ArrayList<Box>();
        var y = box.minY();
        for (var i = 0; i < rows.size(); i++) {
            var x = box.minX();
            for (var width : Shares.of(box.width(), rows.get(i), WORD)) {
                cells.add(new Box(x, y, x + width, y + heights.get(i)));
                x += width;
            }
            y += heights.get(i);
        }
        return cells;
    }
}
