package welumen.cut;

import java.util.List;
import java.util.Optional;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * A piece to be cut.
 *
 * @param quantity how many of it
 * @param material empty where any stock without a material will do
 * @param flip whether it may lie face down
 * @param grade the worst grade of leather on which it may lie, 1 best to 4
 * @param pair the piece that should come from a mirrored place; empty if none
 * @param onLine the place of it that lies on a line of the stock's pattern, where that repeats
 */
public record CutPiece(
        String id,
        Shape shape,
        int quantity,
        String material,
        Turns turns,
        boolean flip,
        int grade,
        Stretch stretch,
        String pair,
        Point onLine) {
    /** With its middle on a line of the pattern. */
    public CutPiece(
            String id,
            Shape shape,
            int quantity,
            String material,
            Turns turns,
            boolean flip,
            int grade,
            Stretch stretch,
            String pair) {
        this(
                id,
                shape,
                quantity,
                material,
                turns,
                flip,
                grade,
                stretch,
                pair,
                shape.outline().box().middle());
    }

    /** @throws IllegalArgumentException if the quantity is not from 0 to 10000, or the grade not from 1 to 4 */
    public CutPiece {
        if (quantity < 0 || quantity > 10_000)
            throw new IllegalArgumentException("The quantity [%d] is not from 0 to 10000.".formatted(quantity));
        if (grade < 1 || grade > 4)
            throw new IllegalArgumentException("The grade [%d] is not from 1 to 4.".formatted(grade));
    }

    /** How many are to be cut. */
    public static int count(List<CutPiece> pieces) {
        return pieces.stream().mapToInt(CutPiece::quantity).sum();
    }

    /** Of all that are to be cut, in mm². */
    public static double area(List<CutPiece> pieces) {
        return pieces.stream()
                .mapToDouble(piece -> piece.shape().area() * piece.quantity())
                .sum();
    }

    /** Whether a piece is drawn as that one was when it was laid out. */
    public boolean isDrawnAs(CutPiece laid) {
        return id.equals(laid.id) && shape.equals(laid.shape) && material.equals(laid.material);
    }

    /** The same so many times. */
    public CutPiece times(int count) {
        return new CutPiece(id, shape, count, material, turns, flip, grade, stretch, pair, onLine);
    }

    /** The same within another line; its place on a pattern's line stays. */
    public CutPiece with(Shape other) {
        return new CutPiece(id, other, quantity, material, turns, flip, grade, stretch, pair, onLine);
    }

    /** The same where it may be turned otherwise. */
    public CutPiece turning(Turns other) {
        return new CutPiece(id, shape, quantity, material, other, flip, grade, stretch, pair, onLine);
    }

    /** The same on leather of another grade, at the worst. */
    public CutPiece graded(int worst) {
        return new CutPiece(id, shape, quantity, material, turns, flip, worst, stretch, pair, onLine);
    }

    /** Whether this piece may lie so on a stock, apart from where. */
    public boolean mayLie(double turnDegrees, boolean flipped, Stock stock) {
        return notSoBecause(turnDegrees, flipped, stock).isEmpty();
    }

    /** Why it may not lie so; empty where it may. */
    public Optional<String> notSoBecause(double turnDegrees, boolean flipped, Stock stock) {
        if (flipped && !flip) return Optional.of("its face would be down");
        if (!material.equals(stock.material()))
            return Optional.of("it is cut of %s, and that is %s".formatted(said(material), said(stock.material())));
        if (!turns.allow(turnDegrees))
            return Optional.of("turned by %s°, its nap or pattern would run another way than on its fellows"
                    .formatted(Math.floorMod(Math.round(turnDegrees), 360)));
        return Stretch.agree(stretch, turnDegrees, flipped, stock.stretch())
                ? Optional.empty()
                : Optional.of("it would stretch another way than it is to");
    }

    private static String said(String material) {
        return material.isEmpty() ? "no material that is named" : material;
    }

    /** How one that is cut of it is called: “left facing, 2 of 4”, or simply by its name where one is wanted. */
    public String nameOf(int copy) {
        return quantity == 1 ? id : "%s, %d of %d".formatted(id, copy, quantity);
    }
}
