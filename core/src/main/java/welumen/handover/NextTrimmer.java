package welumen.handover;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.refit.PutBack;
import welumen.refit.RefitLog;
import welumen.refit.Substitutes;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.treatment.Choices;

/**
 * What whoever takes the car apart next should know: what is not as the works left it, what is hidden, what laps what.
 * The workshop is its own best source, and its notes are best found in the car.
 */
public record NextTrimmer(List<String> done, List<String> notAsBefore, List<String> hidden) {
    public NextTrimmer {
        done = List.copyOf(done);
        notAsBefore = List.copyOf(notAsBefore);
        hidden = List.copyOf(hidden);
    }

    public static NextTrimmer of(Cabin cabin, StripLog strip, Choices choices, RefitLog refit) {
        var done = new ArrayList<String>();
        var changed = new ArrayList<String>();
        var hidden = new ArrayList<String>();
        for (var part : cabin.parts()) {
            if (choices.isDone(part.id()) && choices.of(part.id()).isPresent())
                done.add(part.title() + ": " + choices.words(part.id()));
            refit.findOne(part.id())
                    .map(back -> changed(strip, back))
                    .filter(said -> !said.isEmpty())
                    .ifPresent(said -> changed.add(part.title() + ": " + said));
            for (var lot : strip.foundOn(part.id()))
                if (isLate(strip, part.id(), lot))
                    hidden.add("%s is not in: its %s %s, labelled"
                            .formatted(
                                    part.title(),
                                    lot.kind().word(lot.count()),
                                    lot.count() == 1 ? "stays where it is" : "stay where they are"));
            for (var lot : strip.foundOn(part.id()))
                if (lot.condition().cameOut() && !lot.where().isEmpty())
                    hidden.add(part.title() + ": " + lot.count() + " "
                            + lot.kind().named(lot.count(), lot.size(), "") + ", " + lot.where());
        }
        return new NextTrimmer(done, changed, hidden);
    }

    private static boolean isLate(StripLog strip, PartId part, FixingLot lot) {
        return strip.isOff(part) && (lot.kind() == FixingKind.PLUG || lot.kind() == FixingKind.CABLE);
    }

    private static String changed(StripLog strip, PutBack back) {
        var said = new ArrayList<String>();
        for (var lot : Substitutes.among(strip, back.part(), back.fixings()))
            said.add("%d %s in place of what was there%s"
                    .formatted(
                            lot.count(),
                            lot.kind().named(lot.count(), lot.size(), lot.colour()),
                            lot.kind() == FixingKind.GLUE ? "; it does not come off whole" : ""));
        if (!back.shortBecause().isEmpty()) said.add(back.shortBecause());
        return String.join("; ", said);
    }
}
