package welumen.job;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.intake.Intake;

/** What a car waits for, one sentence each, the weightiest first; for whoever looks over all cars at once. */
public final class CarWaits {
    private CarWaits() {}

    public static List<String> of(Job job, LocalDate today) {
        var waits = new ArrayList<String>();
        switch (job.intake()) {
            case Intake.Awaited() -> waits.add("nobody has said which car it is");
            case Intake.Brought _ -> waits.add("standard, budget and date are to be agreed");
            case Intake.TakenIn(var _, var _, var agreement) -> late(agreement.due(), today, waits);
        }
        if (job.cabin().parts().isEmpty()) waits.add("its parts are not listed");
        for (var approval : job.brief().openApprovals()) waits.add("the customer has to say: " + approval.question());
        job.survey().holds().forEach((part, why) -> waits.add("%s held: %s".formatted(name(job, part), why)));
        for (var away : job.custody().away().values())
            waits.add(
                    (away.due().isBefore(today) ? "%s has been due back since %s from %s" : "%s is back on %s from %s")
                            .formatted(name(job, away.part()), away.due(), away.where()));
        var undecided = Progress.undecided(job).size();
        if (undecided > 0)
            waits.add(
                    undecided == 1
                            ? "nothing is chosen for one part"
                            : "nothing is chosen for %d parts".formatted(undecided));
        return List.copyOf(waits);
    }

    private static void late(LocalDate due, LocalDate today, List<String> waits) {
        var days = ChronoUnit.DAYS.between(due, today);
        if (days > 0) waits.add(days == 1 ? "it was due yesterday" : "it was due %d days ago".formatted(days));
    }

    private static String name(Job job, PartId part) {
        return job.cabin().findOne(part).map(one -> one.name()).orElse(part.value());
    }
}
