package welumen.trace;

import java.util.List;

/**
 * A target as it was found in a photo.
 *
 * @param number in its family
 * @param corners of its black square in pixels, clockwise as one looks at the photo
 */
record Target(int number, List<Pixel> corners) {
    /** A place in a photo, in pixels from its upper left, y down. */
    record Pixel(double x, double y) {
        double to(Pixel other) {
            return Math.hypot(x - other.x, y - other.y);
        }
    }

    Target {
        corners = List.copyOf(corners);
    }

    Pixel middle() {
        return new Pixel(
                corners.stream().mapToDouble(Pixel::x).average().orElseThrow(),
                corners.stream().mapToDouble(Pixel::y).average().orElseThrow());
    }

    /** The mean length of its sides in pixels. */
    double side() {
        var sum = 0.0;
        for (var i = 0; i < 4; i++) sum += corners.get(i).to(corners.get((i + 1) % 4));
        return sum / 4;
    }
}
