package welumen.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.files.photo.PhotoFile;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Shape;
import welumen.standins.camera.AnyFloor;
import welumen.standins.camera.FloorPhoto;
import welumen.standins.camera.Laid;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;
import welumen.trace.Tracer;

/** Photos of twelve megapixels whose truth is known, traced: how far off outline, area and holes are, and how long it takes. */
public final class TraceCases {
    private static final int WIDTH = 4000;

    private TraceCases() {}

    private record Case(Laid laid, double areaPercent, double diameterMm, boolean isAllFound, double seconds) {}

    /** @param args the first seed and the last, and how thick the pieces are */
    public static void main(String[] args) {
        var first = args.length > 0 ? Long.parseLong(args[0]) : 1;
        var last = args.length > 1 ? Long.parseLong(args[1]) : first + 19;
        var thickMm = args.length > 2 ? Double.parseDouble(args[2]) : 0;
        var cases = new ArrayList<Case>();
        for (var seed = first; seed <= last; seed++) {
            var scene = AnyFloor.scene(seed, WIDTH).thick(thickMm);
            var jpeg = FloorPhoto.jpeg(scene, seed);
            var start = System.nanoTime();
            var picture = new PhotoFile(jpeg, "seed " + seed).picture();
            var answer = Tracer.trace(picture, new TraceOptions(scene.targetMm(), thickMm));
            var seconds = (System.nanoTime() - start) / 1e9;
            switch (answer) {
                case Refused<Traced>(var why) -> System.out.printf("%d refused: %s%n", seed, why);
                case Understood<Traced>(var traced) -> {
                    var one = measured(scene.piece(), traced, seconds);
                    cases.add(one);
                    System.out.printf(
                            Locale.ROOT,
                            "%d mean %.3f mm, 95 %% %.3f mm, area %+.3f %%, holes %s, diameter %.2f mm, %.1f s%n",
                            seed,
                            one.laid().meanMm(),
                            one.laid().within95Mm(),
                            one.areaPercent(),
                            one.isAllFound() ? "all" : "not all",
                            one.diameterMm(),
                            seconds);
                }
            }
        }
        System.out.printf(
                Locale.ROOT,
                "of %d traced %d; worst: mean %.3f mm, 95 %% %.3f mm, area %.3f %%, diameter %.2f mm; all holes in %d; seconds mean %.1f, most %.1f%n",
                last - first + 1,
                cases.size(),
                cases.stream().mapToDouble(one -> one.laid().meanMm()).max().orElse(0),
                cases.stream().mapToDouble(one -> one.laid().within95Mm()).max().orElse(0),
                cases.stream()
                        .mapToDouble(one -> Math.abs(one.areaPercent()))
                        .max()
                        .orElse(0),
                cases.stream().mapToDouble(Case::diameterMm).max().orElse(0),
                cases.stream().filter(Case::isAllFound).count(),
                cases.stream().mapToDouble(Case::seconds).average().orElse(0),
                cases.stream().mapToDouble(Case::seconds).max().orElse(0));
    }

    private static Case measured(Shape truth, Traced traced, double seconds) {
        var there = diameters(truth);
        var seen = diameters(traced.shape());
        var isAllFound = there.size() == seen.size();
        var off = 0.0;
        for (var i = 0; isAllFound && i < there.size(); i++) off = Math.max(off, Math.abs(there.get(i) - seen.get(i)));
        var area = truth.outline().area();
        return new Case(
                Laid.over(truth, traced.shape()),
                100 * (traced.shape().outline().area() - area) / area,
                off,
                isAllFound,
                seconds);
    }

    private static List<Double> diameters(Shape shape) {
        return shape.holes().stream()
                .map(hole -> 2 * Math.sqrt(hole.area() / Math.PI))
                .sorted()
                .toList();
    }
}
