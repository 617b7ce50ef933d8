package welumen.trace;

import boofcv.factory.fiducial.ConfigFiducialHammingDetector;
import boofcv.factory.fiducial.FactoryFiducial;
import boofcv.struct.image.GrayU8;
import georegression.struct.shapes.Polygon2D_F64;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import welumen.trace.Target.Pixel;

/** Finds targets in a photo, coarsely: their corners are right to a pixel or two, and are sought anew on their edges. */
final class TargetFinder {
    /** Sizes at which the photo is looked at, by its longer side in pixels; the finder wants targets of 30 to 150. */
    private static final int[] LOOKS = {1000, 2000};

    private TargetFinder() {}

    /** By their numbers; of two with one number that which is seen larger. */
    static List<Target> in(Picture picture) {
        var longest = Math.max(picture.width(), picture.height());
        var steps = IntStream.of(LOOKS)
                .map(look -> Math.max(1, longest / look))
                .distinct()
                .toArray();
        var looks = IntStream.of(steps)
                .parallel()
                .mapToObj(step -> seen(picture, step))
                .toList();
        var found = larger(looks.stream().flatMap(List::stream));
        if (found.size() >= PlaneFit.FEWEST || steps[steps.length - 1] == 1) return found;
        return larger(Stream.concat(found.stream(), seen(picture, 1).stream()));
    }

    private static List<Target> larger(Stream<Target> seen) {
        var found = new TreeMap<Integer, Target>();
        seen.forEach(target ->
                found.merge(target.number(), target, (one, other) -> other.side() > 1.2 * one.side() ? other : one));
        return List.copyOf(found.values());
    }

    private static List<Target> seen(Picture picture, int step) {
        var seen = new ArrayList<Target>();
        var detector =
                FactoryFiducial.squareHamming(TargetCode.FAMILY, new ConfigFiducialHammingDetector(), GrayU8.class);
        detector.detect(shrunk(picture, step));
        for (var i = 0; i < detector.totalFound(); i++) {
            var bounds = detector.getBounds(i, new Polygon2D_F64(4));
            var corners = new ArrayList<Pixel>();
            for (var j = 0; j < 4; j++) corners.add(new Pixel(step * bounds.get(j).x, step * bounds.get(j).y));
            seen.add(new Target((int) detector.getId(i), isClockwise(corners) ? corners : corners.reversed()));
        }
        return seen;
    }

    /** As one looks at it, y down. */
    private static boolean isClockwise(List<Pixel> corners) {
        var twice = 0.0;
        for (var i = 0; i < corners.size(); i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % corners.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice > 0;
    }

    private static GrayU8 shrunk(Picture picture, int step) {
        var small = new GrayU8(picture.width() / step, picture.height() / step);
        IntStream.range(0, small.height).parallel().forEach(y -> {
            for (var x = 0; x < small.width; x++) {
                var sum = 0;
                for (var dy = 0; dy < step; dy++)
                    for (var dx = 0; dx < step; dx++) sum += picture.code(x * step + dx, y * step + dy);
                small.data[y * small.width + x] = (byte) (sum / (step * step));
            }
        });

        return small;
    }
}
