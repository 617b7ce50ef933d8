package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Counts cans of contact adhesive: cans = ⌈ Σ over faces (area × passes ÷ that face's coverage) × (1 + waste) ÷
 * (1 − unusable tail) ⌉, two faces for every bond.
 */
public final class Adhesive {
    /** A face to be sprayed: what it is, its area in m² and what one can covers of it, in m². */
    public record Face(String name, double squareMetres, double coverage) {}

    /**
     * @param waste share on top, as 0.10
     * @param tail share of a can that spatters and is not used, as 0.08
     */
    public record Product(String name, int passes, double waste, double tail) {
        public static final Product AEROSOL = new Product("contact adhesive, 500 ml aerosol", 1, 0.10, 0.08);

        public Product {
            if (passes < 1) throw new IllegalArgumentException("The passes [%d] are below 1.".formatted(passes));
            if (!(waste >= 0 && tail >= 0 && tail < 1))
                throw new IllegalArgumentException(
                        "The waste [%s] and the tail [%s] are no shares.".formatted(waste, tail));
        }
    }

    /** Area in m² that one aerosol covers of a face on board, leather or a floor; below, of foam or a carpet's back. */
    public static final double ON_BOARD = 4;

    public static final double ON_FOAM = 3;

    private Adhesive() {}

    /** Whole cans; nought for no area. */
    public static int cans(List<Face> faces, Product product) {
        return (int) Math.ceil(exact(faces, product) - 1e-9);
    }

    public static Need need(List<Face> faces, Product product) {
        var working = new ArrayList<String>();
        for (var face : faces)
            working.add(String.format(
                    Locale.ROOT,
                    "%s: %.2f m² × %d ÷ %.0f m² a can = %.2f",
                    face.name(),
                    face.squareMetres(),
                    product.passes(),
                    face.coverage(),
                    face.squareMetres() * product.passes() / face.coverage()));
        working.add(String.format(
                Locale.ROOT,
                "× %.2f for waste ÷ %.2f for the tail of the can = %.2f, so %d",
                1 + product.waste(),
                1 - product.tail(),
                exact(faces, product),
                cans(faces, product)));
        return new Need(product.name(), cans(faces, product), Need.Unit.CAN, false, working);
    }

    private static double exact(List<Face> faces, Product product) {
        var plain = faces.stream()
                .mapToDouble(face -> face.squareMetres() * product.passes() / face.coverage())
                .sum();
        return plain * (1 + product.waste()) / (1 - product.tail());
    }
}
