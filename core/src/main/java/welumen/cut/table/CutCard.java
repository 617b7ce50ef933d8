package welumen.cut.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.judge.Lies;
import welumen.cut.stock.Stock;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * What is chalked on one hide and cut from it, in that order: what must lie on the best leather first, the large before the
 * small. Two corners of each piece are measured as one chalks by hand, from the backbone and up from the butt; on a roll from
 * the lower selvedge and the cut end.
 */
public record CutCard(Stock stock, List<Entry> entries) {
    /**
     * One piece.
     *
     * @param number of the piece in the whole plan, so that plan, card and table call it alike
     * @param near its corner nearest to the butt, from the backbone and up from the butt; on a roll from cut end and selvedge
     * @param far its corner farthest from that one
     */
    public record Entry(int number, String piece, int copy, int grade, Outline outline, Point near, Point far) {}

    private static final double BEYOND_MM = 20;

    public CutCard {
        entries = List.copyOf(entries);
    }

    public static CutCard of(CutProblem problem, CutPlan plan, Stock stock) {
        var lying = new ArrayList<>(plan.on(stock.id()).stream()
                .map(placement -> Lies.of(problem, placement))
                .toList());
        lying.sort(Comparator.comparingInt((Lies lies) -> lies.piece().grade())
                .thenComparingDouble(lies -> -lies.shape().outline().area()));
        return new CutCard(
                stock,
                lying.stream()
                        .map(lies -> entry(problem.numberOf(lies.placement().piece()), lies, from(stock)))
                        .toList());
    }

    /** All of a hide; of a roll what is used. */
    public Box shown() {
        var whole = stock.shape().outline().box();
        if (stock instanceof Stock.Hide || entries.isEmpty()) return whole;
        var used = entries.stream()
                .mapToDouble(entry -> entry.outline().box().maxX())
                .max()
                .orElse(whole.maxX());
        return new Box(whole.minX(), whole.minY(), Math.min(whole.maxX(), used + BEYOND_MM), whole.maxY());
    }

    /** The flaws of what is shown. */
    public List<Outline> flaws() {
        var end = shown().maxX();
        return stock.shape().holes().stream()
                .filter(flaw -> flaw.box().minX() < end)
                .toList();
    }

    /** Where the measuring begins: on the backbone at the butt. A hide stands upright in x = 0. */
    public static Point from(Stock stock) {
        var box = stock.shape().outline().box();
        return switch (stock) {
            case Stock.Roll _ -> new Point(0, 0);
            case Stock.Hide hide ->
                hide.kind() == Stock.Kind.HIDE && box.minX() < 0 && box.maxX() > 0
                        ? new Point(0, box.minY())
                        : new Point(box.minX(), box.minY());
        };
    }

    private static Entry entry(int number, Lies lies, Point from) {
        var corners = lies.shape().outline().corners();
        var near = corners.stream()
                .min(Comparator.comparingDouble(Point::y).thenComparingDouble(Point::x))
                .orElseThrow();
        var far = corners.stream().max(Comparator.comparingDouble(near::to)).orElseThrow();
        return new Entry(
                number,
                lies.placement().piece(),
                lies.placement().copy(),
                lies.piece().grade(),
                lies.shape().outline(),
                near.minus(from),
                far.minus(from));
    }

    /** “120 left, 340 up”. */
    public static String words(Point at, Stock stock) {
        return stock instanceof Stock.Roll
                ? "%.0f along, %.0f across".formatted(at.x(), at.y())
                : "%.0f %s, %.0f up".formatted(Math.abs(at.x()), at.x() < 0 ? "left" : "right", at.y());
    }
}
