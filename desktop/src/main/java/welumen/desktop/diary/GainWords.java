package welumen.desktop.diary;

import java.util.Locale;
import welumen.desktop.look.Words;
import welumen.whatif.Remedy;

/** Says a change that gains days. */
final class GainWords {
    private GainWords() {}

    static String said(Remedy remedy) {
        return switch (remedy) {
            case Remedy.Helper(var day) -> "a helper on %s".formatted(Words.day(day));
            case Remedy.Saturdays() -> "everybody on Saturdays too";
            case Remedy.NotOff(var person) -> "%s without the days off".formatted(person);
            case Remedy.AnotherPlace(var kind) -> "one more %s".formatted(kind.word());
            case Remedy.Sooner(var _, var task, var day) -> "%s by %s".formatted(task.what(), Words.day(day));
            case Remedy.ByReturn(var _, var order) -> "%s by return".formatted(order.what());
        };
    }

    /** Of working days. */
    static String days(double days) {
        var tenths = Math.round(days * 10) / 10.0;
        return tenths % 1 == 0 ? Words.many((int) tenths, "day") : String.format(Locale.UK, "%.1f days", tenths);
    }
}
