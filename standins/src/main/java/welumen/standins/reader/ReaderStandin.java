package welumen.standins.reader;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import welumen.colour.Reflectance;
import welumen.finish.reading.ColourReader;

/**
 * Stands in for a reader that is held on a surface. What it is held on says its colour: “sage”, “rust”, “dark”, “sand”, “cream”, else
 * a grey; “faded” lightens it, “let down” is one in ten in white, “gloss” and “matt” say its sheen. The same words always read the same, with a reader’s small errors.
 */
public final class ReaderStandin implements ColourReader {
    private static final double ERROR = 0.002;
    private static final double SATIN = 30;

    private static final Map<String, Bands> COLOURS = new LinkedHashMap<>();

    static {
        COLOURS.put("sage", new Bands(0.13, 0.26, 0.17));
        COLOURS.put("rust", new Bands(0.05, 0.08, 0.28));
        COLOURS.put("dark", new Bands(0.05, 0.05, 0.055));
        COLOURS.put("sand", new Bands(0.28, 0.42, 0.5));
        COLOURS.put("cream", new Bands(0.55, 0.75, 0.8));
        COLOURS.put("white", new Bands(0.86, 0.9, 0.9));
        COLOURS.put("black", new Bands(0.035, 0.035, 0.036));
        COLOURS.put("ochre", new Bands(0.07, 0.28, 0.5));
        COLOURS.put("yellow", new Bands(0.06, 0.7, 0.78));
        COLOURS.put("red", new Bands(0.04, 0.06, 0.52));
        COLOURS.put("blue", new Bands(0.34, 0.11, 0.05));
        COLOURS.put("green", new Bands(0.06, 0.2, 0.07));
        COLOURS.put("", new Bands(0.3, 0.3, 0.31));
    }

    /** What comes back of short, middle and long waves. */
    private record Bands(double blue, double green, double red) {
        double at(int i) {
            var low = 1 / (1 + Math.exp((i - 9) / 2.5));
            var high = 1 / (1 + Math.exp((19 - i) / 2.0));
            return blue * low + green * (1 - low - high) + red * high;
        }
    }

    /** One part in nine of white, of which little is taken up. */
    private static double letDown(double share, boolean isLetDown) {
        if (!isLetDown) return share;
        var ks = 0.9 * 0.006 + 0.1 * (1 - share) * (1 - share) / (2 * share);
        return 1 + ks - Math.sqrt(ks * (ks + 2));
    }

    @Override
    public Shown read(String what) {
        var words = what.toLowerCase(Locale.ROOT);
        var bands = COLOURS.entrySet().stream()
                .filter(colour -> words.contains(colour.getKey()))
                .findFirst()
                .orElseThrow()
                .getValue();
        var random = new Random(words.hashCode());
        var lighter = words.contains("faded") ? 1.25 : 1 + 0.02 * random.nextGaussian();
        var shares = new double[Reflectance.COUNT];
        for (var i = 0; i < shares.length; i++)
            shares[i] = Math.clamp(
                    letDown(bands.at(i) * lighter, words.contains("let down")) + ERROR * random.nextGaussian(),
                    0.005,
                    1);
        var gloss = words.contains("gloss") ? 82 : words.contains("matt") ? 6 : SATIN;
        return new Shown(Reflectance.of(shares), Math.clamp(gloss + 1.5 * random.nextGaussian(), 0, 110));
    }
}
