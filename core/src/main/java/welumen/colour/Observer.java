package welumen.colour;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * The CIE 1964 standard observer (10°) under the CIE standard illuminants D65 and A, as weights of the 31 wavelengths: their sums
 * are the tristimulus values, with 100 as the Y of white.
 */
final class Observer {
    private static final double WHITE = 100;
    private static final int D65_COLUMN = 4;
    private static final int A_COLUMN = 5;

    private static final Map<Illuminant, Observer> ALL = all();

    /** By wavelength; X, Y and Z of each. */
    private final double[][] weights = new double[Reflectance.COUNT][3];

    private final double[] white = new double[3];

    private Observer(List<double[]> rows, int lamp) {
        var sum = rows.stream().mapToDouble(row -> row[lamp] * row[2]).sum();
        for (var i = 0; i < Reflectance.COUNT; i++)
            for (var k = 0; k < 3; k++) {
                weights[i][k] = WHITE * rows.get(i)[lamp] * rows.get(i)[k + 1] / sum;
                white[k] += weights[i][k];
            }
    }

    static Observer under(Illuminant illuminant) {
        return Objects.requireNonNull(ALL.get(illuminant));
    }

    private static Map<Illuminant, Observer> all() {
        var rows = CieTable.rows();
        var all = new EnumMap<Illuminant, Observer>(Illuminant.class);
        all.put(Illuminant.D65, new Observer(rows, D65_COLUMN));
        all.put(Illuminant.A, new Observer(rows, A_COLUMN));
        return all;
    }

    double[] xyz(double[] reflectance) {
        double x = 0, y = 0, z = 0;
        for (var i = 0; i < Reflectance.COUNT; i++) {
            var w = weights[i];
            x += w[0] * reflectance[i];
            y += w[1] * reflectance[i];
            z += w[2] * reflectance[i];
        }
        return new double[] {x, y, z};
    }

    double[] white() {
        return white.clone();
    }
}
