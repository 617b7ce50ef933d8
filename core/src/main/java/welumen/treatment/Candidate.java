package welumen.treatment;

import java.util.List;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.measure.Finish;
import welumen.measure.WorkingDays;

/**
 * One way to go with a part: a treatment, with another beside it where one alone leaves something open, and all that it
 * costs and leaves.
 *
 * @param steps the treatments, the chief one first
 * @param labour what the likely hours cost
 * @param materials what goes into it
 * @param boughtIn what others are paid
 * @param waitingDays working days for deliveries, other hands and curing
 * @param originality the share of the original that stays, 0 to 1
 * @param fails the share of times in which it fails, 0 to 1
 * @param isSupplyUnknown whether it hangs on a part of which nobody knows whether it is made
 * @param isLastOfItsKind whether the part cannot be had again, so that what fails is lost
 * @param open how many of the findings it leaves
 */
public record Candidate(
        PartId part,
        List<Treatment> steps,
        Hours hours,
        double labour,
        double materials,
        double boughtIn,
        double waitingDays,
        Finish finish,
        double originality,
        int lastsYears,
        double fails,
        Undo undo,
        boolean isSupplyUnknown,
        boolean isLastOfItsKind,
        int open) {
    public Candidate {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) throw new IllegalArgumentException("A way to go with [%s] names nothing.".formatted(part));
    }

    /** “re-cover on the old pattern, and new foam, webbing, springs”. */
    public String word() {
        return steps.stream().map(Treatment::word).collect(Collectors.joining(", and "));
    }

    /** What it costs if all goes well. */
    public double price() {
        return labour + materials + boughtIn;
    }

    /** What it costs on the whole: a trial that fails is paid for, and its work done again. */
    public double cost() {
        return price() + fails * price();
    }

    /** Working days until it is done: one person's hours, and the waiting. */
    public double days() {
        return hours.likely() / WorkingDays.HOURS + waitingDays;
    }

    /** The same at other hours; labour goes with them. */
    public Candidate withHours(double factor) {
        return with(hours.times(factor), labour * factor, materials, boughtIn);
    }

    /** The same with all that is bought for it at another price. */
    public Candidate withPrices(double factor) {
        return with(hours, labour, materials * factor, boughtIn * factor);
    }

    private Candidate with(Hours newHours, double newLabour, double newMaterials, double newBoughtIn) {
        return new Candidate(
                part,
                steps,
                newHours,
                newLabour,
                newMaterials,
                newBoughtIn,
                waitingDays,
                finish,
                originality,
                lastsYears,
                fails,
                undo,
                isSupplyUnknown,
                isLastOfItsKind,
                open);
    }
}
