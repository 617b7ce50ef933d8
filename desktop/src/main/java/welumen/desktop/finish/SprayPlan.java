package welumen.desktop.finish;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Locale;
import welumen.desktop.look.Words;
import welumen.finish.BatchPlan;

/** Says when the loads are ready. */
final class SprayPlan {
    private SprayPlan() {}

    /** The answer to “by then?”. */
    static String said(BatchPlan plan) {
        var loads = plan.whole();
        var held = plan.held();
        var none = loads.left().size() - held;
        if (loads.ready().isEmpty()) return "No piece can be sprayed as things stand.";
        var late = loads.late(plan.problem());
        var words = "%s, %s: ready on %s, %s."
                .formatted(
                        Words.many(
                                loads.loads().stream()
                                        .mapToInt(load -> load.pieces().size())
                                        .sum(),
                                "piece"),
                        Words.many(loads.loads().size(), "load"),
                        time(loads.ready().get()),
                        late.isZero() ? "in time" : length(late) + " late");
        if (held > 0) words += " %s held.".formatted(held == 1 ? "One is" : held + " are");
        if (none > 0) words += " %s has no slot.".formatted(Words.many((int) none, "piece"));
        return words;
    }

    static String time(LocalDateTime time) {
        return String.format(Locale.UK, "%1$ta %1$te %1$tb at %1$tR", time);
    }

    static String length(Duration late) {
        return late.toMinutes() < 60 ? late.toMinutes() + " minutes" : Words.hours(late.toMinutes() / 60.0);
    }
}
