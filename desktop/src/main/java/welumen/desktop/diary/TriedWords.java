package welumen.desktop.diary;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.cabin.Cabin;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.Mending;
import welumen.diary.task.Task;
import welumen.files.report.LetterPdf;
import welumen.refit.Reopening;
import welumen.schedule.forecast.Ends;
import welumen.strip.reach.OtherSide;
import welumen.whatif.Consequence;
import welumen.whatif.Supposed;

/** Says what comes of what was supposed. */
final class TriedWords {
    /** Lines that are read at a glance. */
    private static final int FEW = 7;

    private TriedWords() {}

    static String answer(Tried tried) {
        var stops = tried.consequence().map(what -> what.stops().size()).orElse(0);
        if (tried.cars().isEmpty())
            return stops == 0
                    ? "It stops nothing; the days are being planned …"
                    : "It stops %s; the days are being planned …".formatted(Words.many(stops, "thing"));
        var words = new StringBuilder(
                stops == 0 ? "It stops nothing" : "It stops %s".formatted(Words.many(stops, "thing")));
        tried.own().ifPresent(own -> {
            var was = own.before().toLocalDate();
            var now = own.after().toLocalDate();
            words.append(
                    was.equals(now)
                            ? "; the car is ready on %s all the same".formatted(Words.day(now))
                            : "; the car is ready on %s, not on %s".formatted(Words.day(now), Words.day(was)));
        });
        words.append(".");
        if (!tried.tomorrow().isEmpty())
            words.append(" On %s: %s."
                    .formatted(Words.day(tried.next()), tried.tomorrow().getFirst()));
        return words.toString();
    }

    static List<String> days(Tried tried) {
        return tried.cars().stream().map(TriedWords::day).toList();
    }

    private static String day(Tried.CarDay car) {
        var was = car.before().toLocalDate();
        var now = car.after().toLocalDate();
        var words = "%s: %s"
                .formatted(
                        car.title(),
                        was.equals(now)
                                ? "%s, as before".formatted(Words.day(now))
                                : "%s instead of %s".formatted(Words.day(now), Words.day(was)));
        if (car.endsAfter().isEmpty() || car.due().isEmpty()) return words + ".";
        return "%s; in 80 of 100 runs by %s%s; agreed is %s: %s."
                .formatted(
                        words,
                        eighty(car.endsAfter().get()),
                        car.endsBefore()
                                .filter(ends -> !eighty(ends)
                                        .equals(eighty(car.endsAfter().get())))
                                .map(ends -> " (was %s)".formatted(eighty(ends)))
                                .orElse(""),
                        Words.day(car.due().get()),
                        chance(car.endsAfter().get().chanceOf(car.due().get())));
    }

    private static String eighty(Ends ends) {
        return Words.day(ends.by(0.8).toLocalDate());
    }

    /** Of a day that was agreed. */
    static String chance(double share) {
        var of = (int) Math.round(100 * share);
        if (of >= 100) return "it fits";
        return of == 0 ? "it does not fit" : "%d of 100 runs make it".formatted(of);
    }

    static List<String> stops(Cabin cabin, Tried tried, Consequence what) {
        var lines = new ArrayList<String>();
        for (var awaited : what.awaited()) lines.add(awaited.said() + waits(awaited));
        lines.addAll(few(what.stops().stream().map(Task::said).toList()));
        if (tried.supposed() instanceof Supposed.Found(var part, var kind, var _, var _)) {
            lines.add("%s mends it: somebody qualified decides, and local rules come first"
                    .formatted(Mending.of(kind).who()));
            OtherSide.of(cabin, cabin.one(part))
                    .ifPresent(other -> lines.add("look at the %s too: it aged alike".formatted(other.name())));
        }
        return lines;
    }

    private static String waits(Task task) {
        return task.promised()
                .map(day -> ", promised for " + Words.day(day))
                .orElseGet(() -> ": taken to last %s".formatted(Words.many(task.othersDays(), "working day")));
    }

    static List<String> again(Cabin cabin, Consequence what) {
        return what.again().stream().map(line -> again(cabin, line)).toList();
    }

    private static String again(Cabin cabin, Reopening.Line line) {
        var lost = line.lost().isEmpty() ? "" : "; lost: " + String.join(", ", line.lost());
        return "the %s, %s off and %s back%s"
                .formatted(cabin.named(line.part()).name(), Words.about(line.off()), Words.about(line.back()), lost);
    }

    static List<String> meanwhile(Consequence what) {
        if (what.meanwhile().isEmpty()) return List.of("Nothing else can go on.");
        var lines = new ArrayList<String>();
        lines.add("%s in all".formatted(Words.hours(what.meanwhileHours())));
        lines.addAll(few(what.meanwhile().stream().map(Task::said).toList()));
        for (var task : what.undone()) lines.add("not %s: it would come off again for it".formatted(task.said()));
        return lines;
    }

    static List<String> cost(JobModel model, Tried tried, Consequence what) {
        var lines = new ArrayList<String>();
        var hours = what.moreHours();
        if (hours > 0.05)
            lines.add("%s more, %s%.0f at this workshop's hour"
                    .formatted(
                            Words.hours(hours),
                            model.currencySign(),
                            hours * model.terms().prices().hour()));
        var lost = what.again().stream().flatMap(line -> line.lost().stream()).toList();
        if (!lost.isEmpty()) lines.add("Lost for good: %s.".formatted(String.join(", ", lost)));
        if (lines.isEmpty()) lines.add("No hours more here.");
        lines.add(
                tried.supposed() instanceof Supposed.Found(var _, var kind, var _, var _)
                        ? charged(model, Mending.of(kind))
                        : "What others charge comes on top.");
        return lines;
    }

    /** A guess at what others charge; their own word goes before it. */
    private static String charged(JobModel model, Mending mending) {
        var hour = model.terms().prices().hour();
        var sign = model.currencySign();
        return String.format(
                Locale.UK,
                "%s: %.0f to %.0f h of theirs, %s%.0f to %s%.0f at this workshop’s hour: a guess until they have quoted.",
                Words.capital(mending.who()),
                mending.charged().least(),
                mending.charged().most(),
                sign,
                hour * mending.charged().least(),
                sign,
                hour * mending.charged().most());
    }

    /** To the owner: their own car alone, no hours of others. */
    static List<LetterPdf.Matter> letter(JobModel model, Tried tried) {
        var what = tried.consequence().orElseThrow();
        var matters = new ArrayList<LetterPdf.Matter>();
        matters.add(new LetterPdf.Matter(
                "When it is ready", tried.own().map(TriedWords::day).stream().toList()));
        matters.add(new LetterPdf.Matter(
                "What comes off again for it",
                again(model.job().cabin(), what).stream().map(Words::capital).toList()));
        matters.add(new LetterPdf.Matter("What it costs", cost(model, tried, what)));
        matters.add(new LetterPdf.Matter(
                "What goes on meanwhile",
                few(what.meanwhile().stream()
                        .map(Task::said)
                        .map(Words::capital)
                        .toList())));
        return matters;
    }

    static List<String> few(List<String> all) {
        if (all.size() <= FEW) return all;
        var some = new ArrayList<>(all.subList(0, FEW));
        some.add("and %s".formatted(Words.many(all.size() - FEW, "more thing")));
        return some;
    }
}
