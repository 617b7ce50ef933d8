package welumen.job;

import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cut.CuttingTable;
import welumen.intake.Intake;
import welumen.strip.Bag;
import welumen.strip.Step;
import welumen.strip.account.FixingLedger;

/**
 * How far a stage is done, and how many things in it want attention.
 *
 * @param share 0 to 1
 */
public record Progress(double share, int attention) {

    public static Progress of(Job job, WorkStage stage) {
        return switch (stage) {
            case INTAKE -> new Progress(job.intake() instanceof Intake.TakenIn ? 1 : 0, 0);
            case STRIP -> new Progress(share(job, job.strip().everOff().size()), withoutBag(job));
            case SURVEY ->
                new Progress(
                        share(job, job.choices().chosen().size()),
                        undecided(job).size());
            case PATTERN -> new Progress(job.patterns().pieces().isEmpty() ? 0 : 1, 0);
            case CUT, STORES -> table(job, stage);
            case DIARY -> new Progress(0, job.survey().holds().size());
            case REFIT, HANDOVER ->
                new Progress(
                        job.strip().everOff().isEmpty()
                                ? 0
                                : (double) job.refit().back().size()
                                        / job.strip().everOff().size(),
                        0);
        };
    }

    /** The parts with findings for which nothing has been chosen yet. */
    public static List<PartId> undecided(Job job) {
        return job.cabin().parts().stream()
                .map(Part::id)
                .filter(part -> !job.survey().on(part).isEmpty()
                        && job.choices().of(part).isEmpty())
                .toList();
    }

    private static Progress table(Job job, WorkStage stage) {
        var toBuy = stage == WorkStage.STORES ? FixingLedger.toBuy(job.strip()).size() : 0;
        return switch (job.table()) {
            case CuttingTable.Clear() -> new Progress(0, toBuy);
            case CuttingTable.Laid(var problem, var plan) ->
                new Progress(1, toBuy + plan.unplaced().size());
        };
    }

    private static int withoutBag(Job job) {
        var fitted = job.refit().parts();
        return (int) job.strip().steps().stream()
                .filter(Progress::lacksABag)
                .filter(step -> !fitted.contains(step.part()))
                .count();
    }

    private static boolean lacksABag(Step step) {
        return step.cameOut() > 0 && step.bag() instanceof Bag.NotSaid;
    }

    private static double share(Job job, int of) {
        return job.cabin().parts().isEmpty()
                ? 0
                : (double) of / job.cabin().parts().size();
    }
}
