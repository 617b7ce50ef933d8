package welumen.desktop.cut;

import java.util.List;
import welumen.cut.CutLog;
import welumen.cut.CutPlan;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.pieces.RoughCut;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.cut.table.Leftover;
import welumen.cut.table.Offcuts;
import welumen.cut.table.Yields;
import welumen.desktop.look.Words;
import welumen.job.Job;
import welumen.measure.Lengths;

/** What is said at the table: what is cut and what is next, where a piece lies, what is left of a hide or a roll. */
final class TableWords {
    private TableWords() {}

    /** What is cut and what is next; before it, whether the plan still holds. */
    static String answer(Laid laid, Job job) {
        return job.drawnSince().map(since -> Words.capital(since.said()) + ". ").orElse("") + said(laid, job.cutLog());
    }

    private static String said(Laid laid, CutLog log) {
        var open = laid.plan().sheets().stream()
                .map(CutPlan.SheetUse::stock)
                .filter(stock -> !log.isCut(stock))
                .toList();
        var yields = Yields.of(laid, log);
        var cut = laid.plan().sheets().stream()
                .map(CutPlan.SheetUse::stock)
                .filter(log::isCut)
                .map(laid.problem()::stock)
                .toList();
        return (log.cut().isEmpty()
                        ? "Nothing is cut yet; begin with %s.".formatted(open.isEmpty() ? "the plan" : open.getFirst())
                        : "%s cut%s; %s."
                                .formatted(
                                        Words.capital(PlanSaid.counted(cut)),
                                        yields.cutMm2() == 0
                                                ? ""
                                                : ", %s of the leather became pieces where the plan had %s"
                                                        .formatted(
                                                                Words.percent(yields.share()),
                                                                Words.percent(Yields.planned(laid)
                                                                        .share())),
                                        open.isEmpty() ? "nothing is left to cut" : open.getFirst() + " is next"))
                + (open.isEmpty() ? nothingKept(laid, log) : "");
    }

    /** What of a material should be kept for the car's later repairs, and is not. */
    private static String nothingKept(Laid laid, CutLog log) {
        var cut = laid.plan().sheets().stream().map(use -> laid.problem().stock(use.stock()));
        var missing = Leftover.nothingKept(cut, Leftover.of(List.of(new Leftover.Cuts("", log))));
        return missing.isEmpty()
                ? ""
                : " Of the %s nothing is kept from which %s × %s could be cut to mend this car."
                        .formatted(
                                String.join(" and the ", missing),
                                Lengths.near(Leftover.REPAIR_LONG_MM),
                                Lengths.near(Leftover.REPAIR_WIDE_MM));
    }

    /** “7  left facing, grade 2”. */
    static String piece(CutCard.Entry entry, CutLog log) {
        return "%d  %s, grade %d%s"
                .formatted(
                        entry.number(),
                        entry.piece().replace('-', ' '),
                        entry.grade(),
                        RoughCut.isRough(entry.piece(), log.worked()) ? ", rough: it rests, then to its line" : "");
    }

    static String place(CutCard.Entry entry, Stock stock) {
        return "%s to %s".formatted(CutCard.words(entry.near(), stock), CutCard.words(entry.far(), stock));
    }

    static String left(boolean isCut) {
        return isCut ? "Kept of it" : "Will be worth keeping";
    }

    static String offcut(Offcuts.Offcut offcut, Stock.Hide from) {
        return "%s: %s × %s can be cut from it%s"
                .formatted(
                        Words.capital(offcut.stock().id()),
                        Lengths.near(offcut.rectangle().longMm()),
                        Lengths.near(offcut.rectangle().wideMm()),
                        from.lot().dye().isEmpty() ? "" : ", lot " + from.lot().dye());
    }

    static String nothingLeft() {
        return "Nothing of %s × %s is left.".formatted(Lengths.near(Offcuts.LONG_MM), Lengths.near(Offcuts.WIDE_MM));
    }

    static String rest(Stock.Roll rest) {
        return "%s: %.2f m at its whole width".formatted(Words.capital(rest.id()), rest.length() / 1000);
    }
}
