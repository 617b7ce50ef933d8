package welumen.cabin;

import java.util.List;
import java.util.stream.IntStream;
import welumen.shape.Box;
import welumen.shape.Point;

/**
 * The places of the unfolded cabin: the floor in the middle, the sides folded out, bulkhead and dash in front, shelf,
 * load space and headlining behind. A front bench stands where two seats would. Coordinates run right and <em>down</em> the sheet, 0 to {@link #WIDTH} and
 * 0 to {@link #HEIGHT}, nose of the car at the top, left of the car on the left.
 */
public enum Spot {
    BULKHEAD("bulkhead", 72, 0, 192, 0, 184, 46, 80, 46),
    DASH("dash", 60, 54, 204, 54, 204, 90, 132, 100, 60, 90),
    CARD_FRONT_LEFT("front card", 0, 106, 48, 106, 48, 194, 36, 206, 0, 206),
    CARD_FRONT_RIGHT("front card", 216, 106, 264, 106, 264, 206, 228, 206, 216, 194),
    SILL_LEFT("sill", 52, 106, 62, 106, 62, 314, 52, 314),
    SILL_RIGHT("sill", 202, 106, 212, 106, 212, 314, 202, 314),
    FLOOR_FRONT_LEFT("front floor", 66, 106, 122, 106, 122, 196, 66, 196),
    FLOOR_FRONT_RIGHT("front floor", 142, 106, 198, 106, 198, 196, 142, 196),
    TUNNEL("tunnel", 125, 106, 139, 106, 139, 314, 125, 314),
    SEAT_LEFT("seat", 70, 158, 82, 146, 108, 146, 118, 158, 118, 232, 70, 232),
    SEAT_RIGHT("seat", 146, 158, 156, 146, 182, 146, 194, 158, 194, 232, 146, 232),
    CARD_REAR_LEFT("rear card", 0, 212, 36, 212, 48, 224, 48, 314, 0, 314),
    CARD_REAR_RIGHT("rear card", 228, 212, 264, 212, 264, 314, 216, 314, 216, 224),
    FLOOR_REAR_LEFT("rear floor", 66, 238, 122, 238, 122, 314, 66, 314),
    FLOOR_REAR_RIGHT("rear floor", 142, 238, 198, 238, 198, 314, 142, 314),
    REAR_SEAT("rear seat", 66, 320, 132, 312, 198, 320, 198, 396, 66, 396),
    BENCH("bench seat", 70, 158, 82, 146, 182, 146, 194, 158, 194, 232, 70, 232),
    SHELF("shelf", 66, 402, 198, 402, 194, 422, 70, 422),
    LOAD_SPACE("load space", 70, 426, 194, 426, 188, 448, 76, 448),
    HEADLINING("headlining", 42, 454, 222, 454, 228, 496, 222, 538, 42, 538, 36, 496);

    /** The width and height of the sheet on which the spots are drawn. */
    public static final double WIDTH = 264;

    public static final double HEIGHT = 540;

    private final String word;
    private final List<Point> corners;

    Spot(String word, double... coordinates) {
        this.word = word;
        this.corners = IntStream.range(0, coordinates.length / 2)
                .mapToObj(i -> new Point(coordinates[2 * i], coordinates[2 * i + 1]))
                .toList();
    }

    /** Whether people sit there. */
    public boolean isSeat() {
        return switch (this) {
            case SEAT_LEFT, SEAT_RIGHT, REAR_SEAT, BENCH -> true;
            default -> false;
        };
    }

    public String word() {
        return word;
    }

    /** Its corners in the order in which they are drawn, in the sheet's own units. */
    public List<Point> corners() {
        return corners;
    }

    /** The spot on the other side of the car; itself in the middle. */
    public Spot mirrored() {
        if (name().endsWith("_LEFT")) return valueOf(name().replace("_LEFT", "_RIGHT"));
        return name().endsWith("_RIGHT") ? valueOf(name().replace("_RIGHT", "_LEFT")) : this;
    }

    /** Where one is to work at it. */
    public Zone zone() {
        return switch (this) {
            case BULKHEAD, DASH -> Zone.DASH;
            case CARD_FRONT_LEFT, SILL_LEFT, FLOOR_FRONT_LEFT, SEAT_LEFT, TUNNEL, BENCH -> Zone.FRONT_LEFT;
            case CARD_FRONT_RIGHT, SILL_RIGHT, FLOOR_FRONT_RIGHT, SEAT_RIGHT -> Zone.FRONT_RIGHT;
            case CARD_REAR_LEFT, FLOOR_REAR_LEFT, REAR_SEAT -> Zone.REAR_LEFT;
            case CARD_REAR_RIGHT, FLOOR_REAR_RIGHT -> Zone.REAR_RIGHT;
            case SHELF, LOAD_SPACE -> Zone.BACK;
            case HEADLINING -> Zone.ROOF;
        };
    }

    public Box box() {
        return Box.of(corners);
    }
}
