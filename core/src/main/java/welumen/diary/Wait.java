package welumen.diary;

import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.refit.SignOff.Objection;

/** Why a task cannot be begun yet. */
public sealed interface Wait {
    /** Nothing is sewn, filled, coated or wrapped there before somebody qualified has answered. */
    record Answer(String why) implements Wait {}

    /** The part cannot go back yet. */
    record NotBackYet(Objection because) implements Wait {}

    /** In a few words. */
    default String said(Cabin cabin) {
        return switch (this) {
            case Answer(var why) -> "somebody qualified has to answer first: " + why;
            case NotBackYet(var because) -> said(because, cabin);
        };
    }

    private static String said(Objection because, Cabin cabin) {
        return switch (because) {
            case Objection.NotOff() -> "it is in the car";
            case Objection.Held(var held, var why) -> "%s is held: %s".formatted(name(held, cabin), why);
            case Objection.TooEarly(var link) ->
                "%s goes in first; this %s"
                        .formatted(name(link.first(), cabin), link.reason().verb());
            case Objection.Elsewhere(var away) -> "it is %s until %s".formatted(away.where(), away.due());
            case Objection.ShutsIn(var left) ->
                "%s was left off for %s".formatted(name(left.part(), cabin), left.because());
            case Objection.Unfinished(var undone) -> undone.said();
            case Objection.InTheWay(var hidden, var undone) ->
                "it would cover %s: %s".formatted(name(hidden, cabin), undone.said());
            case Objection.NearHotWork(var held, var why) ->
                "there is hot work to come near it: %s, %s".formatted(name(held, cabin), why);
            case Objection.Short(var places, var usable) ->
                "%d of its %d fixings are short".formatted(places - usable, places);
        };
    }

    private static String name(PartId part, Cabin cabin) {
        return "the " + cabin.one(part).name();
    }
}
