package welumen.handover;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.custody.Fate;
import welumen.finish.Batch;
import welumen.finish.FinishBook;
import welumen.finish.Recipe;
import welumen.finish.TouchUp;
import welumen.finish.coat.CoatStep;
import welumen.finish.load.HardPiece;
import welumen.intake.Brief;
import welumen.refit.FixingAccount;
import welumen.refit.SignOff;
import welumen.strip.StripLog;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingKind;

/** Whether a car may go home: every stop, what is left off on purpose first, since nothing else brings it back. */
public final class GoingHome {
    private GoingHome() {}

    public static List<Stop> stops(Cabin cabin, Brief brief, SignOff signOff, FinishBook finish, HandoverLog log) {
        var stops = new ArrayList<Stop>();
        var out = signOff.stillOut();
        var custody = signOff.custody();
        var leftOff = custody.leftOff().values().stream()
                .filter(left -> !signOff.refit().isFitted(left.part()))
                .toList();
        leftOff.forEach(left -> stops.add(new Stop.LeftOffStill(left)));
        var held = new TreeMap<String, List<PartId>>();
        signOff.holds()
                .forEach((part, because) ->
                        held.computeIfAbsent(because, _ -> new ArrayList<>()).add(part));
        held.forEach((because, parts) ->
                stops.add(new Stop.Held(parts.stream().sorted().toList(), because)));
        custody.away().values().forEach(away -> stops.add(new Stop.Elsewhere(away)));
        var stillOut = out.stream()
                .filter(part -> custody.findAway(part).isEmpty())
                .filter(part -> leftOff.stream().noneMatch(left -> left.part().equals(part)))
                .toList();
        if (!stillOut.isEmpty()) stops.add(new Stop.StillOut(stillOut));
        unfinished(signOff).forEach((kind, parts) -> stops.add(new Stop.Unfinished(kind, parts)));
        stops.addAll(atTheBench(finish));
        for (var check : SafetyCheck.wantedBy(cabin, brief, signOff.strip(), custody))
            if (!log.checked().containsKey(check)) stops.add(new Stop.Unchecked(check));
        for (var thing : brief.things()) if (!thing.handedBack()) stops.add(new Stop.NotHandedBack(thing.what()));
        if (out.isEmpty())
            for (var line : FixingAccount.of(signOff.strip(), signOff.refit()))
                if (line.inHand() > late(signOff.strip(), line) || line.unaccounted() > 0)
                    stops.add(new Stop.FixingsOpen(line));
        return stops;
    }

    private static List<Stop> atTheBench(FinishBook finish) {
        var stops = new ArrayList<Stop>();
        var batch = finish.batch();
        var open = batch.pieces().stream()
                .filter(piece -> batch.step(piece) != Batch.Step.FITTED)
                .map(HardPiece::name)
                .toList();
        if (batch.said().isPresent() && !open.isEmpty()) stops.add(new Stop.PiecesOpen(open.size(), open));
        for (var coating : finish.coatings().open())
            if (coating.part().isEmpty())
                stops.add(new Stop.CoatsOpen(
                        coating.what(), coating.next().map(CoatStep::what).orElse("")));
        for (var recipe : finish.withoutTouchUp()) stops.add(new Stop.NoTouchUp(recipe.id(), recipe.title()));
        return stops;
    }

    /** Plugs whose part is out are no fixings left over: labelled, they stay on the loom, and the note in the car says so. */
    private static int late(StripLog strip, FixingAccount.Line line) {
        if (line.kind() != FixingKind.PLUG && line.kind() != FixingKind.CABLE) return 0;
        return strip.off().stream()
                .flatMap(part -> FixingLedger.of(strip, part).stream())
                .filter(row -> row.kind() == line.kind()
                        && row.size().equals(line.size())
                        && row.colour().equals(line.colour()))
                .mapToInt(FixingLedger.Row::usable)
                .sum();
    }

    private static Map<Stop.Unfinished.Kind, List<PartId>> unfinished(SignOff signOff) {
        var unfinished = new EnumMap<Stop.Unfinished.Kind, List<PartId>>(Stop.Unfinished.Kind.class);
        new TreeMap<>(signOff.undone())
                .forEach((part, undone) -> undone.forEach(one -> unfinished
                        .computeIfAbsent(Stop.Unfinished.Kind.of(one), _ -> new ArrayList<>())
                        .add(part)));
        return unfinished;
    }

    /** What is kept of the mixes for repairs, in words. */
    public static List<String> touchUps(FinishBook finish) {
        return finish.touchUps().stream()
                .filter(TouchUp::isKept)
                .map(kept -> "touch-up of %s, %.0f g%s"
                        .formatted(
                                finish.recipe(kept.recipe()).map(Recipe::title).orElse(kept.recipe()),
                                kept.grams(),
                                kept.where().isEmpty() ? "" : ", " + kept.where()))
                .toList();
    }

    /** Parts that are the customer's to have again beside the car. */
    public static List<String> toHandBack(Cabin cabin, SignOff signOff) {
        return signOff.custody().fates().values().stream()
                .filter(said -> said.fate() == Fate.HAND_BACK)
                .map(said -> cabin.one(said.part()).name())
                .sorted()
                .toList();
    }
}
