package welumen.cabin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import welumen.shape.Box;

/**
 * The unfolded cabin drawn large: a cell for every part, spots where one would unfold them, nose at the top. It draws
 * itself from the parts alone: a spot with many gets more room, one with none gets none. Both sides get the same.
 *
 * @param spots the spots that have parts
 * @param parts every part's cell; none overlaps another, and together they fill the spots
 */
public record CabinPlan(Map<Spot, Box> spots, Map<PartId, Box> parts) {
    private static final List<List<Spot>> ROWS = List.of(
            List.of(Spot.BULKHEAD, Spot.DASH),
            List.of(
                    Spot.CARD_FRONT_LEFT,
                    Spot.SILL_LEFT,
                    Spot.FLOOR_FRONT_LEFT,
                    Spot.SEAT_LEFT,
                    Spot.TUNNEL,
                    Spot.BENCH,
                    Spot.SEAT_RIGHT,
                    Spot.FLOOR_FRONT_RIGHT,
                    Spot.SILL_RIGHT,
                    Spot.CARD_FRONT_RIGHT),
            List.of(
                    Spot.CARD_REAR_LEFT,
                    Spot.FLOOR_REAR_LEFT,
                    Spot.REAR_SEAT,
                    Spot.FLOOR_REAR_RIGHT,
                    Spot.CARD_REAR_RIGHT),
            List.of(Spot.SHELF, Spot.LOAD_SPACE),
            List.of(Spot.HEADLINING));

    /** Parts that a spot is drawn as large as at the least, so that its word can be read. */
    private static final double LEAST = 1.6;

    /** Width of a row or column, in pixels of the sheet: a target of forty with a rim. */
    private static final double NARROWEST = 58;

    public CabinPlan {
        spots = Map.copyOf(spots);
        parts = Map.copyOf(parts);
    }

    /**
     * @param width of the sheet, above 0
     * @param height of the sheet, above 0
     * @param gap between two spots
     */
    public static CabinPlan of(Cabin cabin, double width, double height, double gap) {
        var spots = new LinkedHashMap<Spot, Box>();
        var rows = ROWS.stream()
                .map(row -> listed(cabin, row))
                .filter(row -> !row.isEmpty())
                .toList();
        var weights = rows.stream().map(row -> rowWeight(cabin, row)).toList();
        var heights = Shares.of(height - gap * (rows.size() - 1), weights, NARROWEST);
        var y = 0.0;
        for (var i = 0; i < rows.size(); i++) {
            columns(cabin, rows.get(i), new Box(0, y, width, y + heights.get(i)), gap, spots);
            y += heights.get(i) + gap;
        }
        var parts = new LinkedHashMap<PartId, Box>();
        spots.forEach((spot, box) -> cells(cabin.at(spot), box, parts));
        return new CabinPlan(spots, parts);
    }

    private static List<Spot> listed(Cabin cabin, List<Spot> row) {
        return row.stream().filter(spot -> !cabin.at(spot).isEmpty()).toList();
    }

    private static double rowWeight(Cabin cabin, List<Spot> row) {
        return row.stream().mapToDouble(spot -> weight(cabin, spot)).sum();
    }

    /** As much as the fuller of the two sides needs, so that they stay alike. */
    private static double weight(Cabin cabin, Spot spot) {
        return Math.max(LEAST, Math.max(need(cabin, spot), need(cabin, spot.mirrored())));
    }

    private static double need(Cabin cabin, Spot spot) {
        return cabin.at(spot).stream().mapToDouble(part -> weight(part.kind())).sum();
    }

    /** Large things are drawn larger, but a small one is still a target. */
    private static double weight(PartKind kind) {
        var area = kind.outline().area() / 1e6;
        return Math.clamp(0.75 + 0.5 * Math.sqrt(area), 0.8, 1.6);
    }

    private static void columns(Cabin cabin, List<Spot> row, Box box, double gap, Map<Spot, Box> spots) {
        var weights = row.stream().map(spot -> weight(cabin, spot)).toList();
        var widths = Shares.of(box.width() - gap * (row.size() - 1), weights, NARROWEST);
        var x = 0.0;
        for (var i = 0; i < row.size(); i++) {
            spots.put(row.get(i), new Box(x, box.minY(), x + widths.get(i), box.maxY()));
            x += widths.get(i) + gap;
        }
    }

    private static int leftToRight(Side one, Side other) {
        return Integer.compare(across(one), across(other));
    }

    private static int across(Side side) {
        return switch (side) {
            case LEFT -> 0;
            case MIDDLE -> 1;
            case RIGHT -> 2;
        };
    }

    private static void cells(List<Part> here, Box box, Map<PartId, Box> parts) {
        var sorted = new ArrayList<>(here);
        sorted.sort(
                Comparator.comparing(Part::side, CabinPlan::leftToRight).thenComparing(part -> -weight(part.kind())));
        var cells =
                Cells.of(box, sorted.stream().map(part -> weight(part.kind())).toList());
        for (var i = 0; i < sorted.size(); i++) parts.put(sorted.get(i).id(), cells.get(i));
    }
}
