package welumen.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.CutChange.PieceLeftDry;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.PieceWorked;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CutChange.StockSeen;
import welumen.cut.CutChange.StockSentBack;
import welumen.cut.CutChange.StripTested;
import welumen.cut.CutChange.TermsSaid;
import welumen.cut.leather.LeatherTerms;
import welumen.cut.leather.Worked;
import welumen.cut.stock.Stock;
import welumen.journal.Growing;

/**
 * What a job has to cut from, and what was cut.
 *
 * @param brought for this job alone
 * @param cut in the order in which it was cut
 * @param terms how leather is bought, by material, as far as somebody has said
 */
public record CutLog(
        List<Stock> brought,
        List<SheetCut> cut,
        List<PieceSpoilt> spoilt,
        Worked worked,
        Map<String, LeatherTerms> terms) {
    public static final CutLog EMPTY = new CutLog(List.of(), List.of(), List.of(), Worked.NOTHING, Map.of());

    public CutLog {
        brought = List.copyOf(brought);
        cut = Growing.copyOf(cut);
        spoilt = Growing.copyOf(spoilt);
        terms = Map.copyOf(terms);
    }

    /**
     * What was spoilt is pinned in every plan that reckons with it; where it is not, the piece was drawn otherwise since, and is
     * wanted anew.
     */
    public CutLog after(CutChange change) {
        return switch (change) {
            case PlanAccepted(var problem, var _) ->
                new CutLog(
                        brought,
                        cut,
                        spoilt.stream()
                                .filter(one -> problem.isPinned(one.piece(), one.copy()))
                                .toList(),
                        worked,
                        terms);
            case StockSeen _ -> this;
            case StockBrought(var stock) -> {
                var more = new ArrayList<>(brought);
                var at = more.stream().map(Stock::id).toList().indexOf(stock.id());
                if (at < 0) more.add(stock);
                else more.set(at, stock);
                yield new CutLog(more, cut, spoilt, worked, terms);
            }
            case StockSentBack(var id) ->
                new CutLog(
                        brought.stream().filter(stock -> !stock.id().equals(id)).toList(), cut, spoilt, worked, terms);
            case SheetCut sheet -> new CutLog(brought, Growing.copyOf(cut).with(sheet), spoilt, worked, terms);
            case PieceSpoilt piece ->
                new CutLog(brought, cut, Growing.copyOf(spoilt).with(piece), worked, terms);
            case StripTested(var test) -> with(worked.with(test));
            case PieceWorked(var piece, var working) -> with(worked.with(piece, working));
            case PieceLeftDry(var piece) -> with(worked.without(piece));
            case TermsSaid(var material, var said) -> {
                var all = new HashMap<>(terms);
                all.put(material, said);
                yield new CutLog(brought, cut, spoilt, worked, all);
            }
        };
    }

    private CutLog with(Worked other) {
        return new CutLog(brought, cut, spoilt, other, terms);
    }

    public boolean isCut(String stock) {
        return cut.stream().anyMatch(sheet -> sheet.stock().equals(stock));
    }

    public boolean isSpoilt(Placement placement) {
        return spoilt.stream().anyMatch(one -> one.piece().equals(placement.piece()) && one.copy() == placement.copy());
    }

    /** Whether it was cut out, well or wrong, and stays where it lies for good. */
    public boolean isDone(Placement placement) {
        return isCut(placement.stock()) || isSpoilt(placement);
    }

    /** How many copies of a piece came out wrong, and are wanted once more. */
    public int spoiltOf(String piece) {
        return (int) spoilt.stream().filter(one -> one.piece().equals(piece)).count();
    }

    /** What was left over of all that was cut. */
    public List<Stock> offcuts() {
        return cut.stream().flatMap(sheet -> sheet.offcuts().stream()).toList();
    }

    /**
     * What can be cut from now: what the yard has, and what an earlier Welumen kept with this job, but what was cut from in
     * this job or another; and what those cuts left over.
     *
     * @param yard each by a name of its own
     */
    public List<Stock> toCutFrom(List<Stock> yard, List<CutLog> others) {
        var logs = Stream.concat(Stream.of(this), others.stream()).toList();
        var names = yard.stream().map(Stock::id).collect(Collectors.toSet());
        return Stream.of(
                        yard.stream().map(stock -> own(stock.id()).orElse(stock)),
                        brought.stream().filter(own -> !names.contains(own.id())),
                        logs.stream()
                                .flatMap(log -> log.offcuts().stream())
                                .filter(offcut -> !names.contains(offcut.id())))
                .flatMap(stocks -> stocks)
                .filter(stock -> logs.stream().noneMatch(log -> log.isCut(stock.id())))
                .toList();
    }

    /** As it was found to be for this job. */
    private Optional<Stock> own(String id) {
        return brought.stream().filter(stock -> stock.id().equals(id)).findFirst();
    }
}
