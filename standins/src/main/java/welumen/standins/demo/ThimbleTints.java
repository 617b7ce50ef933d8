package welumen.standins.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import welumen.colour.Reflectance;
import welumen.yard.BaseTint;
import welumen.yard.GoodsChange.TintMeasured;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfGoods;

/** Nine base tints of the demo’s yard, as they were measured: each by itself, and let down one in ten into white. */
final class ThimbleTints {
    private static final int N = Reflectance.COUNT;
    private static final double OUTER = 0.04;
    private static final double INNER = 0.6;
    private static final double SHARE = 0.1;

    /** What a tint takes up by wavelength, and what it scatters. */
    private record Made(String name, double[] takes, double scatters) {}

    private ThimbleTints() {}

    static Stream<YardChange> measured() {
        var white = new Made("white", filled(0.004), 1);
        var all = new ArrayList<Made>(List.of(
                white,
                new Made("black", filled(8), 0.3),
                edge("ochre", 3, 12, 2.4, 0.6),
                edge("yellow", 4, 9, 1.3, 0.7),
                edge("oxide red", 5, 18.5, 1.8, 0.5),
                edge("bright red", 4, 19.5, 1.2, 0.4),
                edge("umber", 6, 20, 5, 0.45),
                band("blue", 4, 21, 7, 0.35),
                band("green", 3, 26, 6, 0.5)));
        return all.stream().map(tint -> new OfGoods(new TintMeasured("", tint(tint, white))));
    }

    private static BaseTint tint(Made tint, Made white) {
        return new BaseTint(
                tint.name(),
                film(tint, tint, 1),
                0.031,
                "M 4",
                tint == white ? "" : white.name(),
                tint == white ? 0 : SHARE,
                tint == white ? List.of() : film(tint, white, SHARE),
                tint == white ? 900 : 240);
    }

    private static double[] filled(double takes) {
        var all = new double[N];
        Arrays.fill(all, takes);
        return all;
    }

    /** Takes up what is shorter than its edge. */
    private static Made edge(String name, double strength, double at, double wide, double scatters) {
        var takes = new double[N];
        for (var i = 0; i < N; i++) takes[i] = 0.015 + strength / (1 + Math.exp((i - at) / wide));
        return new Made(name, takes, scatters);
    }

    /** Takes up around a band. */
    private static Made band(String name, double strength, double at, double wide, double scatters) {
        var takes = new double[N];
        for (var i = 0; i < N; i++)
            takes[i] = 0.03 + strength * Math.exp(-Math.pow((i - at) / wide, 2)) + 0.5 / (1 + Math.exp(i - 2.0));
        return new Made(name, takes, scatters);
    }

    /** What is measured of so much of a tint in another. */
    private static List<Double> film(Made tint, Made in, double share) {
        var shares = new ArrayList<Double>();
        for (var i = 0; i < N; i++) {
            var ks = (share * tint.takes()[i] + (1 - share) * in.takes()[i])
                    / (share * tint.scatters() + (1 - share) * in.scatters());
            var within = 1 + ks - Math.sqrt(ks * (ks + 2));
            var outside = OUTER + (1 - OUTER) * (1 - INNER) * within / (1 - INNER * within);
            shares.add(Math.round(outside * 1e4) / 1e4);
        }
        return shares;
    }
}
