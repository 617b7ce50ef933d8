package welumen.desktop.refit;

import java.util.List;
import java.util.Optional;
import welumen.cabin.Part;
import welumen.desktop.look.Words;
import welumen.job.Job;
import welumen.refit.SignOff.Objection;

/** Says what speaks against putting a part back. */
final class ObjectionWords {
    private ObjectionWords() {}

    static String answer(Job job, Part part, List<Objection> against) {
        var frozen = job.frozen().get(part.id());
        if (frozen != null)
            return "It must come off again: it lies over the %s, %s."
                    .formatted(job.cabin().one(frozen.held()).name(), frozen.because());
        if (job.refit().isFitted(part.id())) return "It is back in the car.";
        if (against.isEmpty()) return "It can go back now.";
        return switch (against.getFirst()) {
            case Objection.NotOff() -> "It never came off.";
            case Objection.Held(var held, var because) ->
                "Hold: %s, %s.".formatted(job.cabin().one(held).name(), because);
            case Objection.TooEarly(var link) ->
                "Not yet: the %s goes in first."
                        .formatted(job.cabin().one(link.first()).name());
            case Objection.Elsewhere(var away) ->
                "Not yet: it is %s until %s.".formatted(away.where(), Words.day(away.due()));
            case Objection.ShutsIn(var left) ->
                "Not yet: the %s was left off on purpose."
                        .formatted(job.cabin().one(left.part()).name());
            case Objection.Unfinished(var undone) -> "Not yet: " + undone.said() + ".";
            case Objection.InTheWay(var hidden, var _) ->
                "Not yet: the %s under it is not finished."
                        .formatted(job.cabin().one(hidden).name());
            case Objection.NearHotWork(var held, var because) ->
                "Not yet: hot work is to come at the %s, %s."
                        .formatted(job.cabin().one(held).name(), because);
            case Objection.Short(var places, var usable) ->
                "It can go back, %s short.".formatted(Words.many(places - usable, "fixing"));
        };
    }

    static String say(Job job, Objection objection) {
        return switch (objection) {
            case Objection.NotOff() -> "It never came off, so there is nothing to put back.";
            case Objection.Held(var held, var because) ->
                "The %s is held: %s. Nothing may cover it before somebody qualified has seen to it."
                        .formatted(job.cabin().one(held).name(), because);
            case Objection.TooEarly(var link) ->
                "The %s goes in first: this %s."
                        .formatted(
                                job.cabin().one(link.first()).name(),
                                link.reason().verb());
            case Objection.Elsewhere(var away) ->
                "It is %s until %s. Once it is here, type “is back” at Strip."
                        .formatted(away.where(), Words.day(away.due()));
            case Objection.ShutsIn(var left) ->
                "The %s was left off for %s; this would shut it in."
                        .formatted(job.cabin().one(left.part()).name(), left.because());
            case Objection.Unfinished(var undone) -> Words.capital(undone.said()) + ".";
            case Objection.InTheWay(var hidden, var undone) ->
                "It would cover the %s, and of that: %s."
                        .formatted(job.cabin().one(hidden).name(), undone.said());
            case Objection.NearHotWork(var held, var because) ->
                "Hot work is to come near it, at the %s: %s. What burns stays out until that is done."
                        .formatted(job.cabin().one(held).name(), because);
            case Objection.Short(var places, var usable) ->
                "%d of its %d fixings cannot go back.".formatted(places - usable, places);
        };
    }

    /** The first objection that no word can put aside. */
    static Optional<Objection> stopping(List<Objection> against) {
        return against.stream().filter(Objection::stops).findFirst();
    }

    /** The first that a word why is wanted for. */
    static Optional<Objection> wantingAWord(List<Objection> against) {
        return against.stream().filter(Objection::wantsAWord).findFirst();
    }
}
