package welumen.desktop.handover;

import java.util.List;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.desktop.look.Words;
import welumen.handover.Stop;

/** Says what keeps the car from going home. */
final class StopWords {
    private static final int FEW = 4;

    private StopWords() {}

    static String say(Cabin cabin, Stop stop) {
        return switch (stop) {
            case Stop.StillOut(var parts) -> "Still out: the %s.".formatted(names(cabin, parts));
            case Stop.Unfinished(var kind, var parts) ->
                "%s: the %s.".formatted(Words.capital(kind.word()), names(cabin, parts));
            case Stop.LeftOffStill(var left) ->
                "The %s was left off for %s and is not back."
                        .formatted(cabin.one(left.part()).name(), left.because());
            case Stop.Held(var parts, var because) ->
                "Held: the %s; %s".formatted(names(cabin, parts), because.replaceFirst("([^.?])$", "$1."));
            case Stop.Elsewhere(var away) ->
                "The %s is %s until %s.".formatted(cabin.one(away.part()).name(), away.where(), Words.day(away.due()));
            case Stop.NotHandedBack(var what) -> "To be handed back: %s.".formatted(what);
            case Stop.FixingsOpen(var line) ->
                line.unaccounted() > 0
                        ? "%d %s: nobody has said where they are."
                                .formatted(
                                        line.unaccounted(),
                                        line.kind().named(line.unaccounted(), line.size(), line.colour()))
                        : "%d %s left over: say where they belong."
                                .formatted(line.inHand(), line.kind().named(line.inHand(), line.size(), line.colour()));
            case Stop.PiecesOpen(var count, var names) ->
                "%s not fitted: %s."
                        .formatted(
                                Words.many(count, "small piece"),
                                names.size() > FEW
                                        ? String.join(", ", names.subList(0, FEW))
                                                + " and %d more".formatted(names.size() - FEW)
                                        : String.join(", ", names));
            case Stop.CoatsOpen(var what, var next) -> "The %s is not done: %s.".formatted(what, next);
            case Stop.NoTouchUp(var _, var title) -> "What is kept of %s for repairs?".formatted(title);
            case Stop.Unchecked(var check) ->
                "%s: %s?"
                        .formatted(cabin.one(check.part()).title(), check.what().sentence());
        };
    }

    private static String names(Cabin cabin, List<PartId> parts) {
        return parts.stream().map(part -> cabin.one(part).name()).collect(Collectors.joining(", "));
    }
}
