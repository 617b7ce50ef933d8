package welumen.treatment;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.clock.WorkKind;
import welumen.clock.WorkLog;
import welumen.treatment.TreatmentChange.TreatmentChosen;

/**
 * How long a treatment takes for a part of middling size: as the workshop itself has logged it once there are
 * {@value #ENOUGH} times, before that drawn toward the usual hours by as many as are missing.
 */
public final class TreatmentHours {
    public static final TreatmentHours USUAL = new TreatmentHours(List.of());

    private static final int ENOUGH = 5;

    /**
     * One treatment, done and timed.
     *
     * @param hours what it took
     * @param size how much work such a part is beside one of middling size
     */
    public record Done(Treatment treatment, double hours, double size) {
        public Done {
            if (!(hours > 0 && size > 0))
                throw new IllegalArgumentException(
                        "The time [%s] of a treatment is not above nought.".formatted(hours));
        }
    }

    /** From the working time that was logged on parts while their treatment was chosen and done; shared out by the usual hours. */
    public static TreatmentHours learnt(Cabin cabin, Choices choices, WorkLog log) {
        var spent = new TreeMap<PartId, Double>();
        for (var spell : log.spells())
            if (spell.kind() == WorkKind.TREATING)
                spent.merge(new PartId(spell.on()), spell.worked().toSeconds() / 3600.0, Double::sum);
        var done = new ArrayList<Done>();
        spent.forEach((part, hours) -> {
            if (!choices.isDone(part) || cabin.findOne(part).isEmpty() || hours <= 0) return;
            var steps = choices.of(part).map(TreatmentChosen::treatments).orElse(List.of());
            var usual =
                    steps.stream().mapToDouble(step -> step.hours().likely()).sum();
            var size = PartSize.factor(cabin.one(part).kind());
            for (var step : steps) done.add(new Done(step, hours * step.hours().likely() / usual, size));
        });
        return new TreatmentHours(done);
    }

    private final Map<Treatment, double[]> sums = new EnumMap<>(Treatment.class);

    public TreatmentHours(List<Done> done) {
        for (var one : done) {
            var sum = sums.computeIfAbsent(one.treatment(), _ -> new double[2]);
            sum[0]++;
            sum[1] += one.hours() / one.size();
        }
    }

    /** What both have seen. */
    public TreatmentHours and(TreatmentHours other) {
        var both = new TreatmentHours(List.of());
        for (var one : List.of(this, other))
            one.sums.forEach((treatment, sum) -> {
                var here = both.sums.computeIfAbsent(treatment, _ -> new double[2]);
                here[0] += sum[0];
                here[1] += sum[1];
            });
        return both;
    }

    /** Low and high keep their distance from the likely as a share of it. */
    public Hours of(Treatment treatment) {
        var sum = sums.get(treatment);
        if (sum == null) return treatment.hours();
        var usual = treatment.hours().likely();
        var missing = Math.max(0, ENOUGH - sum[0]);
        var likely = (sum[1] + missing * usual) / (sum[0] + missing);
        return treatment.hours().times(likely / usual);
    }

    /** Of a part, one treatment after the other. */
    public Hours of(List<Treatment> treatments, PartKind kind) {
        return treatments.stream()
                .map(this::of)
                .reduce(new Hours(0, 0, 0), Hours::plus)
                .times(PartSize.factor(kind));
    }
}
