package welumen.treatment.whole;

import welumen.treatment.whole.WholeJob.Open;
import welumen.treatment.whole.WholeJob.Option;

/** What a set of treatments is to have little of; whole numbers, so that a proof is one. */
enum Goal {
    /** In units of the currency. */
    COST,
    /** Of an hour's work. */
    TENTHS_OF_HOURS,
    /** Tenths of working days after the car is due. */
    LATE,
    /** Parts outside the window of a group that they are seen with. */
    STANDING_OUT,
    /** Tenths of levels below the standard. */
    BELOW_STANDARD,
    /** Worth given up beside what is best for the part alone. */
    LOST_WORTH;

    private static final double WORTH_SCALE = 1e4;
    private static final double TENTHS = 10;

    /** What one option has of each, by ordinal; how often it stands out depends on the others, and is left at zero. */
    static long[] of(WholeJob job, Open part, Option option) {
        var candidate = option.candidate();
        var best = part.options().stream().mapToDouble(Option::worth).max().orElseThrow();
        var amounts = new long[values().length];
        amounts[COST.ordinal()] = (long) Math.ceil(candidate.cost());
        amounts[TENTHS_OF_HOURS.ordinal()] =
                (long) Math.ceil(TENTHS * candidate.hours().likely());
        amounts[LATE.ordinal()] = (long) Math.ceil(TENTHS * Math.max(0, candidate.days() - job.days()));
        amounts[BELOW_STANDARD.ordinal()] = Math.max(
                0,
                Math.round(TENTHS * (part.wanted().level() - candidate.finish().level())));
        amounts[LOST_WORTH.ordinal()] = Math.round(WORTH_SCALE * part.importance() * (best - option.worth()));
        return amounts;
    }

    /** How much of it there may be before it counts as too much. */
    long limit(WholeJob job) {
        return switch (this) {
            case COST -> (long) Math.floor(job.budget());
            case TENTHS_OF_HOURS -> (long) Math.floor(TENTHS * job.hours());
            case LATE, STANDING_OUT, BELOW_STANDARD, LOST_WORTH -> 0;
        };
    }
}
