package welumen.cut.forecast;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * In which share of deliveries so many hides are enough. A delivery is laid out in a moment only, which opens a hide too many
 * now and then; some are laid out in full as well, and as often as that saved a hide, so often it is taken off the others.
 *
 * @param needed hides by delivery, as a plan of a moment has it
 * @param full those that were laid out in full too
 * @param late how often a piece lay on the last hide, by its name
 */
public record Forecast(ForecastQuestion question, List<Integer> needed, List<Full> full, Map<String, Integer> late) {
    /**
     * A delivery that was laid out in full.
     *
     * @param needed hides, as a plan of a moment had it
     * @param isOneFewer whether one fewer does
     */
    public record Full(int needed, boolean isOneFewer) {}

    /** Share of deliveries that is enough for most people: nineteen of twenty. */
    public static final double SURE = 0.95;

    /** Of the normal distribution, for an interval of 95 %. */
    private static final double Z = 1.96;

    /** A share with the interval in which it lies, 0 to 1. */
    public record Share(double low, double likely, double high) {}

    public Forecast {
        needed = List.copyOf(needed);
        full = List.copyOf(full);
        late = Map.copyOf(late);
    }

    static Forecast of(ForecastQuestion question, List<Delivery> deliveries, List<Full> full) {
        var late = new TreeMap<String, Integer>();
        for (var delivery : deliveries)
            delivery.opensLate().forEach((piece, count) -> late.merge(piece, count, Integer::sum));
        return new Forecast(question, deliveries.stream().map(Delivery::needed).toList(), full, late);
    }

    /** These deliveries, corrected by how often a full layout saved a hide on others. */
    Forecast corrected(Forecast by) {
        return new Forecast(question, needed, by.full, late);
    }

    public int deliveries() {
        return needed.size();
    }

    /** As often as so many hides were enough at once. */
    private double quick(int hides) {
        return needed.isEmpty()
                ? 0
                : (double) needed.stream().filter(count -> count <= hides).count() / needed.size();
    }

    /** In how many of those that were laid out in full one hide fewer did. */
    public int saved() {
        return (int) full.stream().filter(Full::isOneFewer).count();
    }

    /** The share of deliveries that seemed to need so many and do with one fewer; nought where none of them was tried. */
    private Share saves(int hides) {
        var tried = full.stream().filter(one -> one.needed() == hides).toList();
        if (tried.isEmpty()) return new Share(0, 0, 0);
        var count = tried.stream().filter(Full::isOneFewer).count();
        return wilson((double) count / tried.size(), tried.size());
    }

    /** How often so many hides are enough. */
    public Share enough(int hides) {
        if (needed.isEmpty()) return new Share(0, 0, 1);
        var here = wilson(quick(hides), needed.size());
        var next = wilson(quick(hides + 1), needed.size());
        var saves = saves(hides + 1);
        return new Share(
                corrected(here.low(), next.low(), saves.low()),
                corrected(quick(hides), quick(hides + 1), saves.likely()),
                corrected(here.high(), next.high(), saves.high()));
    }

    /** Those of the next hide that a full layout does without. */
    private static double corrected(double here, double next, double saves) {
        return here + saves * (next - here);
    }

    /** Wilson's interval for a share that was counted (Journal of the American Statistical Association 22, 1927). */
    private static Share wilson(double share, int count) {
        var middle = (share + Z * Z / (2 * count)) / (1 + Z * Z / count);
        var half = Z / (1 + Z * Z / count) * Math.sqrt(share * (1 - share) / count + Z * Z / (4.0 * count * count));
        return new Share(Math.max(0, middle - half), share, Math.min(1, middle + half));
    }

    /** By what a number of hides is recommended. */
    public enum Rule {
        /** Where hides have a price: what costs least on the mean, a second order reckoned in where they are not enough. */
        CHEAPEST,
        /** Where nobody has said a price: the fewest that are enough in nineteen deliveries of twenty. */
        NEARLY_ALWAYS
    }

    public Rule rule() {
        return question.price() > 0 ? Rule.CHEAPEST : Rule.NEARLY_ALWAYS;
    }

    /** By the rule; of two that cost the same the more. */
    public int recommended() {
        var most = question.enough() + 1;
        return switch (rule()) {
            case CHEAPEST ->
                IntStream.rangeClosed(1, most)
                        .boxed()
                        .min(Comparator.comparingLong((Integer hides) -> Math.round(100 * expectedCost(hides)))
                                .thenComparing(Comparator.reverseOrder()))
                        .orElse(most);
            case NEARLY_ALWAYS ->
                IntStream.range(1, most)
                        .filter(hides -> enough(hides).likely() >= SURE)
                        .findFirst()
                        .orElse(most);
        };
    }

    /** Whether it is known by how much a plan of a moment is too dear; no share is one before that. */
    public boolean isCorrected() {
        return !needed.isEmpty() && full.size() >= Math.min(Forecaster.FULL, needed.size());
    }

    /** What ordering so many costs on the mean, with another one ordered later where they are not enough. */
    public double expectedCost(int hides) {
        var cost = hides * question.price();
        for (var more = hides; more < question.enough() + 1; more++)
            cost += (1 - enough(more).likely()) * (question.price() + (more == hides ? question.secondLot() : 0));
        return cost;
    }

    /** Those that open the last hide most often, the worst first; its share of all deliveries beside it. */
    public List<Map.Entry<String, Double>> deciding() {
        var shares = new ArrayList<Map.Entry<String, Double>>();
        late.forEach((piece, count) -> shares.add(Map.entry(piece, Math.min(1, (double) count / needed.size()))));
        shares.sort(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder())
                .thenComparing(Map.Entry.comparingByKey()));
        return List.copyOf(shares);
    }
}
